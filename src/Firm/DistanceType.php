<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Units\Formatter;
use Jurvex\Core\Measure\DistanceReader;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Measure\UnreadableMeasure;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\CallbackTransformer;
use Symfony\Component\Form\Exception\TransformationFailedException;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/**
 * A distance typed the way people say it, in metres behind the field; with `small` in millimetres, typed in millimetres
 * or inches; with `signed` a height that may be under nought.
 */
final class DistanceType extends AbstractType
{
    public function __construct(private readonly Security $security, private readonly Formatter $formatter)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $small = true === $options['small'];
        $signed = true === $options['signed'];
        /** @var ?array{string, ?float} $shown the text, and the value that it was made of */
        $shown = null;
        $builder->addModelTransformer(new CallbackTransformer(
            function (?float $value) use ($small, &$shown): string {
                $text = (null !== $value && $value < 0 ? '-' : '').$this->write(null === $value ? null : abs($value), $small);
                $shown = [$text, $value];

                return $text;
            },
            // What is shown is rounded; where it comes back untouched, the value stays as exact as it was.
            function (?string $typed) use ($small, $signed, &$shown): ?float {
                if (\is_array($shown) && $typed === $shown[0]) {
                    return $shown[1];
                }

                return $signed ? $this->readSigned($typed ?? '', $small) : $this->read($typed ?? '', $small);
            },
        ));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'small' => false, 'signed' => false, 'compound' => false,
            'attr' => ['inputmode' => 'text', 'autocomplete' => 'off'], 'invalid_message' => 'error.measure.unclear',
        ])
            ->setAllowedTypes('small', 'bool')
            ->setAllowedTypes('signed', 'bool');
    }

    public function getParent(): string
    {
        return TextType::class;
    }

    private function write(?float $value, bool $small): string
    {
        if (null === $value) {
            return '';
        }

        return $small ? $this->formatter->small($value, $this->units()) : $this->formatter->distance($value, $this->units());
    }

    private function readSigned(string $typed, bool $small): ?float
    {
        $isUnder = 1 === preg_match('/^\s*[-−]\s*(?=\d)/u', $typed, $sign);
        $value = $this->read($isUnder ? substr($typed, \strlen($sign[0])) : $typed, $small);

        return null !== $value && $isUnder ? -$value : $value;
    }

    private function read(string $typed, bool $small): ?float
    {
        if ('' === trim($typed)) {
            return null;
        }
        try {
            $length = DistanceReader::read(
                $small && is_numeric(str_replace(',', '.', $typed)) ? $typed.$this->smallUnit() : $typed,
                $this->units(),
            );
        } catch (UnreadableMeasure $error) {
            $failure = new TransformationFailedException($error->getMessage(), 0, $error);
            $failure->setInvalidMessage('error.measure.'.$error->reason, ['%typed%' => $typed]);
            throw $failure;
        }

        return $small ? $length->inMillimetres() : $length->metres;
    }

    private function smallUnit(): string
    {
        return UnitSystem::Metric === $this->units() ? 'mm' : 'in';
    }

    private function units(): UnitSystem
    {
        $account = $this->security->getUser();

        return $account instanceof Account ? $account->units() : UnitSystem::Metric;
    }
}
