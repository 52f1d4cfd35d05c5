<?php

declare(strict_types=1);

namespace App\HandOver;

use App\Firm\Account;
use App\Record\Job;
use App\Record\SentLetter;
use App\Record\ShareLink;
use App\Screen\ShareLinks;
use App\Support\Database\Id;
use App\Support\Print\PrintFailed;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\MailerInterface;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Sends the report to the customer as a link and a PDF, and keeps what was sent. */
final readonly class Letters
{
    private const LINK_DAYS = 365;

    public function __construct(
        private MailerInterface $mailer, private EntityManagerInterface $manager, private ShareLinks $links, private ReportPrinter $printer,
        private UrlGeneratorInterface $urls, private TranslatorInterface $translator, private ClockInterface $clock,
        private Languages $languages, private string $mailFrom,
    ) {
    }

    public function begun(Job $job): LetterValues
    {
        $letter = new LetterValues();
        $letter->to = str_contains($job->call()->contact, '@') ? trim($job->call()->contact) : '';
        $language = $job->call()->reportLanguage;
        $named = ['%customer%' => $job->call()->customer, '%place%' => $job->call()->place];
        $letter->subject = $this->languages->in($language, fn () => $this->translator->trans('letter.subject', $named));
        $letter->text = $this->languages->in($language, fn () => $this->translator->trans('letter.text', $named));

        return $letter;
    }

    /** @return bool whether it went; nothing is kept where it did not */
    public function send(Job $job, string $id, LetterValues $letter, Account $by): bool
    {
        $now = $this->clock->now();
        $link = new ShareLink(Id::fresh(), $job, $now, endsOn: $job->firm->today($now)->modify('+'.self::LINK_DAYS.' days'));
        $address = $this->urls->generate(
            'shared_report', ['token' => $this->links->token($link)], UrlGeneratorInterface::ABSOLUTE_URL,
        );
        $text = trim($letter->text)."\n\n".$address."\n\n".$job->doneBy;
        try {
            $mail = (new Email())->from(new Address($this->mailFrom, $job->doneBy))->to($letter->to)->replyTo($by->email)
                ->subject($letter->subject)->text($text);
            if ($letter->withPdf) {
                $mail->attach($this->printer->pdf($job), ReportPrinter::fileName($job, 'pdf'), 'application/pdf');
            }
            $this->mailer->send($mail);
        } catch (TransportExceptionInterface|PrintFailed) {
            return false;
        }
        $this->manager->persist($link);
        $this->manager->persist(new SentLetter($id, $job, $letter->to, $letter->subject, $text, $letter->withPdf, $by->name(), $now));
        $this->manager->flush();

        return true;
    }
}
