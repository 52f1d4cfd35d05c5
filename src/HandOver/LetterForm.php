<?php

declare(strict_types=1);

namespace App\HandOver;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\EmailType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @see LetterValues */
final class LetterForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $words = ['required' => false, 'empty_data' => ''];
        $builder
            ->add('to', EmailType::class, $words)->add('subject', TextType::class, $words)
            ->add('text', TextareaType::class, $words + ['attr' => ['rows' => 6]])
            ->add('withPdf', CheckboxType::class, ['required' => false]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => LetterValues::class, 'label_format' => 'label.letter_%name%', 'guarded' => false]);
    }
}
