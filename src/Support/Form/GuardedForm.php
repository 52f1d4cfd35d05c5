<?php

declare(strict_types=1);

namespace App\Support\Form;

use Symfony\Component\Form\AbstractTypeExtension;
use Symfony\Component\Form\Event\PostSetDataEvent;
use Symfony\Component\Form\Event\PostSubmitEvent;
use Symfony\Component\Form\Event\PreSubmitEvent;
use Symfony\Component\Form\Extension\Core\Type\FormType;
use Symfony\Component\Form\Extension\Core\Type\HiddenType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormEvents;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\Form\FormView;
use Symfony\Component\OptionsResolver\OptionsResolver;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * With `guarded`, a form remembers what it showed. When somebody else has saved meanwhile, what is sent is not taken at
 * once: each field that differs says what stands there now, nothing typed is lost, and sending it again takes it.
 */
final class GuardedForm extends AbstractTypeExtension
{
    private const SHOWN = 'shown';

    public function __construct(private readonly TranslatorInterface $translator)
    {
    }

    public static function getExtendedTypes(): iterable
    {
        return [FormType::class];
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefault('guarded', false)->setAllowedTypes('guarded', 'bool');
    }

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        if (true !== $options['guarded']) {
            return;
        }
        /** @var array<string, string> $stored what is stored now, by field, as the fields show it */
        $stored = [];
        /** @var array<string, string> $marks of what the sender was shown, by field */
        $marks = [];
        $builder->add(self::SHOWN, HiddenType::class, ['mapped' => false, 'required' => false]);
        $builder->setAttribute(self::SHOWN, static function () use (&$stored): string {
            return self::written(array_map(self::mark(...), $stored));
        });
        $builder->addEventListener(FormEvents::POST_SET_DATA, static function (PostSetDataEvent $event) use (&$stored): void {
            $stored = self::shown($event->getForm());
        }, -10);
        $builder->addEventListener(FormEvents::PRE_SUBMIT, static function (PreSubmitEvent $event) use (&$marks): void {
            $sent = $event->getData();
            $marks = self::read(\is_array($sent) && \is_string($sent[self::SHOWN] ?? null) ? $sent[self::SHOWN] : '');
        });
        $builder->addEventListener(FormEvents::POST_SUBMIT, function (PostSubmitEvent $event) use (&$stored, &$marks): void {
            $changed = array_filter(
                $stored,
                static fn (string $value, string $name) => isset($marks[$name]) && $marks[$name] !== self::mark($value),
                \ARRAY_FILTER_USE_BOTH,
            );
            $this->sayWhatStandsThere($event->getForm(), $changed);
        }, 10);
    }

    public function finishView(FormView $view, FormInterface $form, array $options): void
    {
        $mark = $form->getConfig()->getAttribute(self::SHOWN);
        if ($mark instanceof \Closure && isset($view->children[self::SHOWN])) {
            $field = $view->children[self::SHOWN];
            /** @var array<string, mixed> $vars */
            $vars = $field->vars;
            $field->vars = ['value' => $mark()] + $vars;
        }
    }

    /** @param array<string, string> $changed what somebody else has stored meanwhile, by field */
    private function sayWhatStandsThere(FormInterface $form, array $changed): void
    {
        foreach (array_intersect_key(self::shown($form), $changed) as $name => $typed) {
            if ($typed !== $changed[$name]) {
                $field = $form->get($name);
                $said = $this->inWords($field, $changed[$name]);
                $field->addError(new FormError($this->translator->trans('error.meanwhile', ['%said%' => $said])));
            }
        }
    }

    private function inWords(FormInterface $field, string $value): string
    {
        if ('' === $value) {
            return $this->translator->trans('error.meanwhile_nothing');
        }
        $words = $field->getConfig()->hasOption('words') ? $field->getConfig()->getOption('words') : null;

        return \is_string($words) ? $this->translator->trans($words.'.'.$value) : $value;
    }

    /** @return array<string, string> what each field shows */
    private static function shown(FormInterface $form): array
    {
        $shown = [];
        foreach ($form->all() as $field) {
            $name = $field->getName();
            $value = $field->getViewData();
            $isPlain = \is_scalar($value) || null === $value;
            $shown[$name] = $isPlain ? (string) $value : (string) json_encode($value, \JSON_PARTIAL_OUTPUT_ON_ERROR);
        }
        unset($shown[self::SHOWN]);

        return $shown;
    }

    private static function mark(string $value): string
    {
        return substr(hash('sha256', $value), 0, 10);
    }

    /** @param array<string, string> $marks */
    private static function written(array $marks): string
    {
        return implode(',', array_map(static fn (string $name, string $mark) => $name.':'.$mark, array_keys($marks), $marks));
    }

    /** @return array<string, string> */
    private static function read(string $written): array
    {
        preg_match_all('/(\w+):([0-9a-f]{10})/', $written, $found);

        return array_combine($found[1], $found[2]);
    }
}
