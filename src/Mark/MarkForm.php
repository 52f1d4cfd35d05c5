<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\DistancesType;
use App\Firm\DistanceType;
use App\Record\Ground;
use App\Record\MarkDetails;
use App\Record\OverHead;
use App\Record\Paint;
use App\Record\PaintColour;
use App\Record\Signal;
use App\Support\Form\PickType;
use Jurvex\Core\Site\Side;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class MarkForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            // A press on the ribbon writes the place here.
            ->add('atM', DistanceType::class, ['attr' => ['data-from-ribbon' => '']])
            ->add('depthsM', DistancesType::class, ['error_bubbling' => false])
            ->add('overHead', PickType::class, ['class' => OverHead::class, 'words' => 'over_head', 'required' => false])
            ->add('ground', PickType::class, ['class' => Ground::class, 'words' => 'ground', 'required' => false])
            ->add('paint', PickType::class, ['class' => Paint::class, 'words' => 'paint'])
            ->add('letter', TextType::class, ['required' => false, 'empty_data' => '', 'attr' => ['maxlength' => 4]])
            ->add('colour', PickType::class, [
                'class' => PaintColour::class, 'words' => 'paint_colour', 'required' => false, 'expanded' => false,
                'placeholder' => 'not_said',
            ])
            ->add('signal', PickType::class, [
                'class' => Signal::class, 'words' => 'signal', 'required' => false, 'expanded' => false, 'placeholder' => 'not_said',
            ]);
        foreach (['One', 'Two', 'Three'] as $tie) {
            // A tap on what stands on the plan writes its name here.
            $builder->add('tie'.$tie.'M', DistanceType::class, ['required' => false])->add('tie'.$tie.'To', TextType::class, [
                'required' => false, 'empty_data' => '', 'attr' => ['data-tie' => '', 'list' => 'fixed-things', 'autocomplete' => 'off'],
            ]);
        }
        $builder
            ->add('tieSide', PickType::class, [
                'class' => Side::class, 'words' => 'tie_side', 'required' => false, 'expanded' => false, 'placeholder' => 'tie_side.either',
            ])
            ->add('groundM', DistanceType::class, ['signed' => true, 'required' => false])
            ->add('liftM', DistanceType::class, ['required' => false])
            ->add('liftReadingM', DistanceType::class, ['required' => false])
            ->add('note', TextType::class, ['empty_data' => '', 'required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => MarkDetails::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
