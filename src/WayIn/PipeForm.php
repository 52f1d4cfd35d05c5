<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Firm\DistanceType;
use App\Support\Form\PickType;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Sketch\HouseTables;
use Jurvex\Core\Sketch\Joins;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Event\PreSubmitEvent;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\CollectionType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class PipeForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $sizes = array_map(
            'strval',
            array_keys(HouseTables::bores()['plastic'] + HouseTables::bores()['clay'] + HouseTables::bores()['cast_iron']),
        );
        sort($sizes, \SORT_NUMERIC);
        self::addFabric($builder, $sizes);
        $builder
            ->add('upright', CheckboxType::class, ['required' => false])
            ->add('joins', PickType::class, ['class' => Joins::class, 'words' => 'joins'])
            ->add('tied', SourceType::class, ['label' => 'label.tied'])
            ->add('proof', TextType::class, ['required' => false, 'empty_data' => ''])
            ->add('runsInto', ChoiceType::class, [
                'choices' => $options['nodes'],
                'choice_translation_domain' => false,
                'invalid_message' => 'error.choose',
            ])
            ->add('pastStoppages', IntegerType::class, [
                'required' => false,
                'empty_data' => '0',
                'invalid_message' => 'error.whole_number',
            ])
            ->add('shared', TextType::class, ['required' => false, 'empty_data' => ''])
            ->add('bends', CollectionType::class, [
                'entry_type' => BendForm::class,
                'entry_options' => ['label' => false],
                'allow_add' => true,
                'allow_delete' => true,
            ])
            ->addEventListener(FormEvents::PRE_SUBMIT, self::dropEmptyBends(...));
    }

    /** @param list<string> $sizes trade sizes in inches */
    private static function addFabric(FormBuilderInterface $builder, array $sizes): void
    {
        $builder
            ->add('lengthM', DistanceType::class)->add('lengthSource', SourceType::class)
            ->add('tradeSize', ChoiceType::class, [
                'choices' => array_combine(array_map(static fn (string $size) => $size.'″', $sizes), $sizes),
                'required' => false,
                'placeholder' => 'map.as_typed',
                'choice_translation_domain' => false,
            ])
            ->add('boreMm', DistanceType::class, ['small' => true, 'label' => 'label.trueBoreMm'])->add('boreSource', SourceType::class)
            ->add('material', PickType::class, [
                'class' => Material::class,
                'words' => 'material',
                'expanded' => false,
                'label' => 'label.pipeMaterial',
            ])->add('materialSource', SourceType::class)
            ->add('fallPercent', NumberType::class, [
                'required' => false,
                'invalid_message' => 'error.number',
                'scale' => 2,
            ])->add('fallSource', SourceType::class);
    }

    /** A row without its degrees is no bend. */
    private static function dropEmptyBends(PreSubmitEvent $event): void
    {
        $given = $event->getData();
        if (!\is_array($given)) {
            return;
        }
        $rows = \is_array($given['bends'] ?? null) ? $given['bends'] : [];
        $given['bends'] = array_values(array_filter(
            $rows,
            static fn (mixed $row) => \is_array($row) && \is_string($row['degrees'] ?? null) && '' !== trim($row['degrees']),
        ));
        $event->setData($given);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setRequired('nodes')->setDefaults([
            'data_class' => PipeValues::class,
            'label_format' => 'label.%name%',
            'guarded' => true,
        ]);
    }
}
