<?php

declare(strict_types=1);

namespace App\Firm;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\CallbackTransformer;
use Symfony\Component\Form\Event\PreSetDataEvent;
use Symfony\Component\Form\Extension\Core\Type\CollectionType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** A row of fields for readings of the same thing; some stand empty and ready, and what stays empty is left out. */
final class DistancesType extends AbstractType
{
    private const FIELDS = 5;

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder->addEventListener(FormEvents::PRE_SET_DATA, static function (PreSetDataEvent $event): void {
            $readings = $event->getData();
            $event->setData(array_pad(\is_array($readings) ? $readings : [], self::FIELDS, null));
        }, 10);
        $builder->addModelTransformer(new CallbackTransformer(
            static fn (?array $readings) => $readings,
            static fn (?array $readings) => array_values(array_filter($readings ?? [], static fn (mixed $reading) => null !== $reading)),
        ));
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'entry_type' => DistanceType::class,
            'entry_options' => ['label' => false, 'required' => false],
            'allow_add' => true,
        ]);
    }

    public function getParent(): string
    {
        return CollectionType::class;
    }
}
