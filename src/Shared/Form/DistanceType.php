<?php

declare(strict_types=1);

namespace App\Shared\Form;

use App\Account\Account;
use App\Shared\Units\Formatter;
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

/** A distance typed the way people say it, in metres behind the field; with `small` in millimetres, typed in millimetres or inches. */
final class DistanceType extends AbstractType
{
    public function __construct(private readonly Security $security, private readonly Formatter $formatter)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $small = true === $options['small'];
        $builder->addModelTransformer(new CallbackTransformer(
            fn (?float $value) => $this->write($value, $small),
            fn (?string $typed) => $this->read($typed ?? '', $small),
        ));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['small' => false, 'compound' => false, 'attr' => ['inputmode' => 'text', 'autocomplete' => 'off'], 'invalid_message' => 'error.measure.unclear'])->setAllowedTypes('small', 'bool');
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

    private function read(string $typed, bool $small): ?float
    {
        if ('' === trim($typed)) {
            return null;
        }
        try {
            $length = DistanceReader::read($small && is_numeric(str_replace(',', '.', $typed)) ? $typed.$this->smallUnit() : $typed, $this->units());
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
