<?php

declare(strict_types=1);

namespace App\HandOver;

use Symfony\Component\Validator\Constraints as Assert;

/** A letter to the customer, as it is typed. */
final class LetterValues
{
    #[Assert\NotBlank(message: 'error.mail_to', normalizer: 'trim'), Assert\Email(message: 'error.mail_to')]
    #[Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $to = '';

    #[Assert\NotBlank(message: 'error.mail_subject', normalizer: 'trim'), Assert\Length(max: 200, maxMessage: 'error.too_long')]
    public string $subject = '';

    #[Assert\Length(max: 3000, maxMessage: 'error.too_long')]
    public string $text = '';

    public bool $withPdf = true;
}
