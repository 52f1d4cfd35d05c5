<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Call\Job;
use App\Shared\Form\PickType;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints as Assert;

/** Which opening is used, and where the counter reads nothing. */
final class ZeroForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $job = $options['job'];
        \assert($job instanceof Job);
        $builder
            ->add('opening', ChoiceType::class, [
                'choices' => $job->openings(),
                'choice_value' => static fn (?Opening $opening) => $opening?->id,
                'choice_label' => static fn (Opening $opening) => $opening->details()->place,
                'choice_translation_domain' => false,
                'expanded' => true,
                'constraints' => [new Assert\NotNull(message: 'error.choose_opening')],
            ])
            ->add('zero', PickType::class, ['class' => Zero::class, 'words' => 'zero'])
            ->add('zeroNote', TextType::class, ['empty_data' => '', 'required' => false, 'constraints' => [new Assert\Length(max: 200, maxMessage: 'error.too_long')]]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setRequired('job')->setDefaults(['label_format' => 'label.%name%']);
    }
}
