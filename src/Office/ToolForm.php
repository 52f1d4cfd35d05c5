<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\DistanceType;
use App\Firm\QuantityType;
use App\Firm\ToolDetails;
use App\Firm\ToolKind;
use App\Support\Form\PickType;
use App\Support\Units\Quantity;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Event\PreSubmitEvent;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\CollectionType;
use Symfony\Component\Form\Extension\Core\Type\NumberType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class ToolForm extends AbstractType
{
    private const SPARE_ROWS = 2;

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $number = ['invalid_message' => 'error.number', 'scale' => 3];
        $builder
            ->add('name', TextType::class, ['empty_data' => '', 'label' => 'label.toolName'])
            ->add('kind', PickType::class, ['class' => ToolKind::class, 'words' => 'tool_kind', 'label' => 'label.toolKind'])
            ->add('lengthM', DistanceType::class, ['label' => 'label.toolLengthM'])
            ->add('diameterMm', DistanceType::class, ['small' => true])
            ->add('stiffnessNm2', NumberType::class, $number)
            ->add('weightNPerM', QuantityType::class, ['of' => Quantity::Weight])
            ->add('frictionDry', NumberType::class, $number)
            ->add('frictionWet', NumberType::class, $number)
            ->add('pushLimitN', QuantityType::class, ['of' => Quantity::Force])
            ->add('pullLimitN', QuantityType::class, ['of' => Quantity::Force])
            ->add('clearanceMm', DistanceType::class, ['small' => true])
            ->add('tiltStepDeg', NumberType::class, $number)
            ->add('passesTraps', CheckboxType::class, ['required' => false])
            ->add('heads', CollectionType::class, [
                'entry_type' => ToolHeadForm::class, 'entry_options' => ['label' => false], 'allow_add' => true,
                'allow_delete' => true, 'delete_empty' => true, 'by_reference' => false, 'error_bubbling' => false,
            ])
            ->addEventListener(FormEvents::PRE_SUBMIT, static function (PreSubmitEvent $event): void {
                $given = $event->getData();
                if (\is_array($given) && \is_array($given['heads'] ?? null)) {
                    $given['heads'] = array_values(
                        array_filter(
                            $given['heads'],
                            static fn (mixed $row) => \is_array($row)
                                && '' !== trim(implode('', array_map(static fn (mixed $value) => \is_string($value) ? $value : '', $row))),
                        ),
                    );
                    $event->setData($given);
                }
            });
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => ToolDetails::class, 'label_format' => 'label.%name%', 'guarded' => true]);
    }

    /** How many rows stand ready for heads. */
    public static function rows(ToolDetails $details): int
    {
        return \count($details->getHeads()) + self::SPARE_ROWS;
    }
}
