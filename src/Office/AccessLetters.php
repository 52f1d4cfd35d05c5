<?php

declare(strict_types=1);

namespace App\Office;

use App\Firm\Account;
use App\Firm\Firm;
use App\Support\Wording\Languages;
use Psr\Log\LoggerInterface;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Letters with a link: to join a firm, or to a new password. */
final readonly class AccessLetters
{
    public function __construct(
        private MailerInterface $mailer, private TranslatorInterface $translator, private Languages $languages,
        private LoggerInterface $logger, private string $mailFrom,
    ) {
    }

    /** @return bool whether it went */
    public function invite(Firm $firm, string $email, string $name, string $by, string $address): bool
    {
        return $this->send($firm, $email, 'join', ['%name%' => $name, '%firm%' => $firm->name, '%by%' => $by, '%address%' => $address]);
    }

    public function newPassword(Account $account, string $address): bool
    {
        return $this->languages->in($account->language(), fn () => $this->send(
            $account->firm, $account->email, 'new_password', ['%name%' => $account->name(), '%address%' => $address],
        ));
    }

    /** @param array<string, string> $named */
    private function send(Firm $firm, string $to, string $what, array $named): bool
    {
        $mail = (new Email())->from(new Address($this->mailFrom, $firm->name))->to($to)
            ->subject($this->translator->trans('access_letter.'.$what.'_subject', $named))
            ->text($this->translator->trans('access_letter.'.$what, $named));
        try {
            $this->mailer->send($mail);

            return true;
        } catch (TransportExceptionInterface $failed) {
            $this->logger->error('A letter with a link did not go.', ['exception' => $failed]);

            return false;
        }
    }
}
