<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Support\Form\PickType;
use Jurvex\Core\Sketch\Source;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** How a value is known, as a small list beside it. */
final class SourceType extends AbstractType
{
    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['class' => Source::class, 'words' => 'source', 'expanded' => false, 'label' => 'label.source']);
    }

    public function getParent(): string
    {
        return PickType::class;
    }
}
