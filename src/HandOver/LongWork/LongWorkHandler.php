<?php

declare(strict_types=1);

namespace App\HandOver\LongWork;

use App\HandOver\Everything;
use App\HandOver\FirmData;
use App\HandOver\JobFile\JobFileReader;
use App\HandOver\JobFile\JobFiles;
use App\HandOver\ReportForm;
use App\HandOver\ReportPrinter;
use App\Record\Job;
use App\Record\LongKind;
use App\Record\LongWork;
use App\Support\Files\RefusedFile;
use App\Support\Files\Store;
use App\Support\Wording\Languages;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Clock\ClockInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Authentication\Token\UsernamePasswordToken;

/** Does one piece of long work as the person who asked for it. */
#[AsMessageHandler]
final readonly class LongWorkHandler
{
    private const PDF_STEPS = 2;

    public function __construct(
        private EntityManagerInterface $manager, private ManagerRegistry $registry, private LongWorks $works,
        private ReportPrinter $printer, private Everything $everything, private FirmData $firms,
        private JobFileReader $reader, private Store $longWork,
        private TokenStorageInterface $tokens, private ClockInterface $clock, private Languages $languages,
    ) {
    }

    public function __invoke(DoLongWork $message): void
    {
        $work = $this->manager->find(LongWork::class, $message->id);
        if (null === $work || $work->state()->isOver()) {
            return;
        }
        $before = $this->tokens->getToken();
        $this->tokens->setToken(new UsernamePasswordToken($work->account, 'main', $work->account->getRoles()));
        try {
            $made = $this->languages->in(ReportForm::of($work->form)->language, fn () => $this->made($work))?->id;
            $this->settle($message, fn (LongWork $work) => $work->finish(
                null === $made ? null : $this->manager->find(Job::class, $made), $this->clock->now(),
            ));
        } catch (RefusedFile $refused) {
            $this->settle($message, fn (LongWork $work) => $work->refuse($refused->errors, $this->clock->now()));
        } catch (\Throwable $error) {
            $this->settle($message, fn (LongWork $work) => $work->fail($this->clock->now()));
            throw $error;
        } finally {
            $this->tokens->setToken($before);
        }
    }

    /**
     * In a file of this server; what is made goes where every server finds it.
     *
     * @return ?Job the job that an import made
     *
     * @throws RefusedFile
     */
    private function made(LongWork $work): ?Job
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'jurvex-long');
        try {
            if (LongKind::Import === $work->kind) {
                $this->longWork->fetch($work->id, $path);

                return $this->reader->read(JobFiles::open($path), $work->account->firm, $this->hearing($work));
            }
            $this->write($work, $path);
            $this->longWork->put($work->id, $path);

            return null;
        } finally {
            if (LongKind::Import === $work->kind) {
                $this->longWork->remove($work->id);
            }
            @unlink($path);
        }
    }

    private function write(LongWork $work, string $path): void
    {
        $hear = $this->hearing($work);
        if (LongKind::Firm === $work->kind) {
            $this->firms->write($work->account->firm, $path, $hear);

            return;
        }
        $job = $work->job();
        \assert(null !== $job);
        if (LongKind::Everything === $work->kind) {
            $this->everything->write($job, $path, $work->server, $hear);

            return;
        }
        $hear(0, self::PDF_STEPS);
        $page = $this->printer->page($job, ReportForm::of($work->form));
        $hear(1, self::PDF_STEPS);
        file_put_contents($path, $this->printer->print($page));
    }

    /** @return \Closure(int, int): void */
    private function hearing(LongWork $work): \Closure
    {
        return fn (int $done, int $steps) => $this->works->hear($work, $done, $steps);
    }

    /** @param \Closure(LongWork): void $how */
    private function settle(DoLongWork $message, \Closure $how): void
    {
        // Whatever became of the entities on the way, this is told.
        $this->registry->resetManager();
        $work = $this->manager->find(LongWork::class, $message->id);
        if (null !== $work) {
            $how($work);
            $this->manager->flush();
        }
    }
}
