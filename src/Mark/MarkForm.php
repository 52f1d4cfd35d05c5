<?php

declare(strict_types=1);

namespace App\Mark;

use App\Firm\DistancesType;
use App\Firm\DistanceType;
use App\Record\Ground;
use App\Record\MarkDetails;
use App\Record\OverHead;
use App\Record\Paint;
use App\Support\Form\PickType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class MarkForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $tie = ['required' => false];
        $builder
            // A press on the ribbon writes the place here.
            ->add('atM', DistanceType::class, ['attr' => ['data-from-ribbon' => '']])
            ->add('depthsM', DistancesType::class, ['error_bubbling' => false])
            ->add('overHead', PickType::class, ['class' => OverHead::class, 'words' => 'over_head'])
            ->add('paint', PickType::class, ['class' => Paint::class, 'words' => 'paint'])
            ->add('ground', PickType::class, ['class' => Ground::class, 'words' => 'ground'])
            ->add('tieOneM', DistanceType::class, $tie)
            ->add('tieOneTo', TextType::class, ['empty_data' => '', ...$tie])
            ->add('tieTwoM', DistanceType::class, $tie)
            ->add('tieTwoTo', TextType::class, ['empty_data' => '', ...$tie])
            ->add('groundM', DistanceType::class, ['signed' => true, 'required' => false])
            ->add('liftM', DistanceType::class, ['required' => false])
            ->add('liftReadingM', DistanceType::class, ['required' => false])
            ->add('note', TextType::class, ['empty_data' => '', ...$tie]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => MarkDetails::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
