<?php

declare(strict_types=1);

namespace App\Shared\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CollectionType;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** A fixed row of fields for readings of the same thing; empty ones are left out. */
final class DistancesType extends AbstractType
{
    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'entry_type' => DistanceType::class,
            'entry_options' => ['label' => false, 'required' => false],
            'allow_add' => true,
            'allow_delete' => true,
            'delete_empty' => true,
        ]);
    }

    public function getParent(): string
    {
        return CollectionType::class;
    }
}
