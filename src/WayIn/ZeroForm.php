<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Record\Zero;
use App\Screen\OpeningType;
use App\Support\Form\PickType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints as Assert;

/** Which opening is used, and where the counter reads nothing. */
final class ZeroForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('opening', OpeningType::class, ['job' => $options['job']])
            ->add('zero', PickType::class, ['class' => Zero::class, 'words' => 'zero'])
            ->add('zeroNote', TextType::class, [
                'empty_data' => '',
                'required' => false,
                'constraints' => [new Assert\Length(max: 200, maxMessage: 'error.too_long')],
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setRequired('job')->setDefaults(['label_format' => 'label.%name%', 'guarded' => true]);
    }
}
