<?php

declare(strict_types=1);

namespace App\Support\Form;

use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;

/** A form as a request has sent it. */
final class SentForm
{
    /** Whether it was sent and can be taken. Sent without any of its fields, it says what is missing, as if they had come empty. */
    public static function isAccepted(FormInterface $form, Request $request): bool
    {
        $form->handleRequest($request);
        if ($request->isMethod('POST') && !$form->isSubmitted()) {
            $form->submit([]);
        }

        return $form->isSubmitted() && $form->isValid();
    }
}
