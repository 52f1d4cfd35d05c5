<?php

declare(strict_types=1);

namespace App\Firm;

use Jurvex\Core\Clear\Head;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\ChoiceList\Loader\CallbackChoiceLoader;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** A tool of the firm's kit with one of its camera heads. */
final class RigType extends AbstractType
{
    public function __construct(private readonly Security $security, private readonly Kit $kit)
    {
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'choice_loader' => new CallbackChoiceLoader($this->choices(...)),
            'required' => false,
            'placeholder' => 'reach.no_rig',
            'choice_translation_domain' => false,
        ]);
    }

    public function getParent(): string
    {
        return ChoiceType::class;
    }

    /** @return array<string, string> */
    private function choices(): array
    {
        $account = $this->security->getUser();
        $choices = [];
        foreach ($account instanceof Account ? $this->kit->of($account->firm) : [] as $tool) {
            foreach ($tool->details()->getHeads() as $i => $head) {
                // A head of which nobody has said the class may be one.
                if (null === $head->class || Head::Camera === $head->class) {
                    $choices[$tool->details()->name.' · '.$head->name] = $tool->id.'-'.$i;
                }
            }
        }

        return $choices;
    }
}
