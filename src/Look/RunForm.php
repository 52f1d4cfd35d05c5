<?php

declare(strict_types=1);

namespace App\Look;

use App\Firm\DistanceType;
use App\Firm\RigType;
use App\Record\Job;
use App\Record\Opening;
use App\Record\RunDetails;
use App\Record\Zero;
use App\Screen\OpeningType;
use App\Support\Form\PickType;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\Run\Travel;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Event\PreSetDataEvent;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** How a run is set up; with `job`, a new run of it, and so also from which opening. */
final class RunForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $job = $options['job'];
        if ($job instanceof Job) {
            $builder->add('opening', OpeningType::class, ['job' => $job, 'mapped' => false, 'data' => $job->chosenOpening()]);
        }
        $builder
            ->add('travel', PickType::class, ['class' => Travel::class, 'words' => 'travel'])
            ->add('zero', PickType::class, ['class' => Zero::class, 'words' => 'zero'])
            ->add('zeroNote', TextType::class, ['empty_data' => '', 'required' => false])
            ->add('material', PickType::class, ['class' => Material::class, 'words' => 'material', 'expanded' => false])
            ->add('boreMm', DistanceType::class, ['small' => true, 'required' => false])
            ->add('expectedM', DistanceType::class, ['required' => false])
            ->add('rig', RigType::class, ['label' => 'label.rig'])
            ->add('waterOn', CheckboxType::class, ['required' => false])
            ->add('counterFactor', NumberType::class, ['scale' => 4, 'invalid_message' => 'error.number'])
            ->add('cableOutAtZeroM', DistanceType::class)
            ->add('cableLengthM', DistanceType::class)
            ->addEventListener(FormEvents::PRE_SET_DATA, self::leaveUnsaid(...));
    }

    /** Of an old recording nobody may have said whether water ran: so it stays, until somebody does. */
    private static function leaveUnsaid(PreSetDataEvent $event): void
    {
        $details = $event->getData();
        if ($details instanceof RunDetails && null === $details->waterOn) {
            $event->getForm()->add('waterOn', ChoiceType::class, [
                'label' => 'look.water', 'required' => false, 'expanded' => true, 'placeholder' => 'look.water_not_said',
                'choices' => ['look.water_on' => true, 'look.water_off' => false],
            ]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['job' => null, 'data_class' => RunDetails::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }
}
