<?php

declare(strict_types=1);

namespace App\Clear;

use App\Record\Cleared;
use App\Support\Form\PickType;
use Jurvex\Core\Clear\Cause;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Component\Validator\Constraints as Assert;

final class ClearedForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('cleared', PickType::class, [
                'class' => Cleared::class,
                'words' => 'cleared',
                'constraints' => [new Assert\NotNull(message: 'error.choose')],
            ])
            ->add('clearedNote', TextareaType::class, [
                'empty_data' => '',
                'required' => false,
                'constraints' => [new Assert\Length(max: 4000, maxMessage: 'error.too_long')],
            ])
            ->add('cause', EnumType::class, [
                'class' => Cause::class, 'choice_label' => static fn (Cause $cause) => 'cause.'.$cause->value,
                'placeholder' => 'cause_by.rules', 'required' => false,
            ])
            ->add('useAdvice', TextareaType::class, [
                'empty_data' => '', 'required' => false, 'attr' => ['placeholder' => $options['advice']],
                'constraints' => [new Assert\Length(max: 4000, maxMessage: 'error.too_long')],
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['label_format' => 'label.%name%', 'guarded' => true, 'advice' => '']);
    }
}
