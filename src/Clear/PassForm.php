<?php

declare(strict_types=1);

namespace App\Clear;

use App\Firm\DistanceType;
use App\Record\PassDetails;
use App\Record\Tool;
use App\Record\WaterAtOpening;
use App\Support\Form\PickType;
use Jurvex\Core\Clear\Head;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class PassForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('tool', PickType::class, ['class' => Tool::class, 'words' => 'tool'])
            ->add('head', TextType::class, ['empty_data' => '', 'attr' => ['list' => 'heads']])
            ->add('inM', DistanceType::class)
            ->add('outM', DistanceType::class, ['required' => false, 'empty_data' => '0'])
            ->add('turnsRight', IntegerType::class, ['empty_data' => '0', 'required' => false, 'invalid_message' => 'error.whole_number'])
            ->add('turnsLeft', IntegerType::class, ['empty_data' => '0', 'required' => false, 'invalid_message' => 'error.whole_number'])
            ->add('headClass', EnumType::class, [
                'class' => Head::class,
                'choices' => array_values(array_filter(Head::cases(), static fn (Head $head) => null !== $head->machine())),
                'choice_label' => static fn (Head $head) => 'clear_head.'.$head->value, 'placeholder' => 'kit.no_class',
                'required' => false,
            ])
            ->add('minutesBack', NumberType::class, ['required' => false, 'invalid_message' => 'error.number'])
            ->add('felt', ChoiceType::class, [
                'choices' => PassDetails::feelings(), 'choice_label' => static fn (string $felt) => 'felt.'.$felt,
                'multiple' => true, 'expanded' => true, 'required' => false,
            ])
            ->add('water', PickType::class, ['class' => WaterAtOpening::class, 'words' => 'water_at', 'required' => false])
            ->add('cameBack', TextareaType::class, ['empty_data' => '', 'required' => false])
            ->add('note', TextareaType::class, ['empty_data' => '', 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PassDetails::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
