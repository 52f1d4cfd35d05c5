<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Units\FieldValues;
use App\Support\Units\Quantity;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\CallbackTransformer;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\Options;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Contracts\Translation\TranslatorInterface;

/** A number of some quantity, typed in the person's unit, which the label names; behind the field it is metric. */
final class QuantityType extends AbstractType
{
    private const DECIMALS = 4;

    public function __construct(private readonly Security $security, private readonly TranslatorInterface $translator)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $of = $options['of'];
        \assert($of instanceof Quantity);
        $builder->addModelTransformer(new CallbackTransformer(
            fn (mixed $value) => is_numeric($value) ? FieldValues::one((float) $value, $of, $this->units()) : null,
            fn (mixed $typed) => is_numeric($typed) ? $of->read((float) $typed, $this->units()) : null,
        ));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'scale' => self::DECIMALS, 'invalid_message' => 'error.number',
            'label_translation_parameters' => function (Options $options): array {
                $of = $options['of'];
                \assert($of instanceof Quantity);

                return ['%unit%' => $this->translator->trans('unit.'.$of->unit($this->units()))];
            },
        ])->setRequired('of')->setAllowedTypes('of', Quantity::class);
    }

    public function getParent(): string
    {
        return NumberType::class;
    }

    private function units(): UnitSystem
    {
        $account = $this->security->getUser();

        return $account instanceof Account ? $account->units() : UnitSystem::Metric;
    }
}
