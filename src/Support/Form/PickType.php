<?php

declare(strict_types=1);

namespace App\Support\Form;

use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Event\SubmitEvent;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\OptionsResolver\Options;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * A choice among a code list's cases as big buttons; the words are found under `words`. Where one must be chosen and none
 * was, it says so and what stood there stays.
 */
final class PickType extends AbstractType
{
    public function __construct(private readonly TranslatorInterface $translator)
    {
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        if (true !== $options['required'] || true === $options['multiple']) {
            return;
        }
        $builder->addEventListener(FormEvents::SUBMIT, function (SubmitEvent $event): void {
            $field = $event->getForm();
            if (null === $event->getData() && null !== $field->getData()) {
                $event->setData($field->getData());
                $field->addError(new FormError($this->translator->trans('error.choose')));
            }
        });
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setRequired('words')->setAllowedTypes('words', 'string');
        $resolver->setDefaults([
            'expanded' => true,
            'placeholder' => false,
            'choice_label' => static fn (Options $options) => static fn (\BackedEnum $case) => (\is_string($options['words'])
                ? $options['words']
                : '').'.'.$case->value,
        ]);
    }

    public function getParent(): string
    {
        return EnumType::class;
    }
}
