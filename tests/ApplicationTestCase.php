<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Account;
use App\Record\Job;
use App\Record\JobRepository;
use App\Record\Run;
use App\Support\Database\Id;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** A person at the demo's data, through HTTP. */
abstract class ApplicationTestCase extends WebTestCase
{
    protected const TECHNICIAN = 'ana@tideway.example';
    protected const OFFICE = 'office@tideway.example';
    protected const OWNER = 'owner@tideway.example';
    protected const OTHER_FIRM = 'bo@lantern.example';
    protected const PIXEL = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

    protected KernelBrowser $browser;
    /** @var array<string, string> */
    private array $tokens = [];

    protected function setUp(): void
    {
        $this->open();
    }

    /** With the pages that a user sees when something is refused, not the developer's. */
    protected function asInUse(): void
    {
        $this->open(['debug' => false]);
    }

    /**
     * One kernel for all requests of a test, set back between them as in a server that lives long.
     *
     * @param array<string, mixed> $options
     */
    protected function open(array $options = []): void
    {
        self::ensureKernelShutdown();
        $this->browser = self::createClient($options);
        $this->browser->disableReboot();
    }

    protected function signIn(string $email = self::TECHNICIAN): void
    {
        $account = $this->manager()->getRepository(Account::class)->findOneBy(['email' => $email]);
        self::assertNotNull($account);
        $this->browser->loginUser($account);
    }

    protected function manager(): EntityManagerInterface
    {
        return self::getContainer()->get(EntityManagerInterface::class);
    }

    /** @param string $place part of where the job is */
    protected function job(string $place = 'Pottery'): Job
    {
        $this->manager()->clear();
        $job = self::getContainer()->get(JobRepository::class)
            ->createQueryBuilder('job')
            ->where('LOWER(job.call.place) LIKE LOWER(:place)')
            ->setParameter('place', '%'.$place.'%')
            ->getQuery()
            ->getSingleResult();
        self::assertInstanceOf(Job::class, $job);

        return $job;
    }

    protected function lastRun(Job $job): Run
    {
        $runs = $job->runs();
        $run = end($runs);
        self::assertInstanceOf(Run::class, $run);

        return $run;
    }

    protected function get(string $address): Crawler
    {
        return $this->browser->request('GET', $address);
    }

    protected function page(): string
    {
        return (string) $this->browser->getInternalResponse()->getContent();
    }

    protected function statusCode(): int
    {
        return $this->browser->getResponse()->getStatusCode();
    }

    /** The session's token, as a page carries it; the page is asked for once a session. */
    protected function token(): string
    {
        $session = $this->browser->getCookieJar()->get('MOCKSESSID')?->getValue() ?? '';

        return $this->tokens[$session] ??= (string) $this->get('/settings')->filter('meta[name=csrf]')->attr('content');
    }

    /**
     * Sends fields as the screen's scripts do.
     *
     * @param array<string, mixed> $fields
     * @param array<string, UploadedFile> $files
     *
     * @return array<mixed> the answer
     */
    protected function send(string $address, array $fields, array $files = []): array
    {
        $this->browser->request('POST', $address, $fields, $files, [
            'HTTP_X_CSRF_TOKEN' => $this->token(),
            'HTTP_X_REQUESTED_WITH' => 'XMLHttpRequest',
        ]);
        $answer = json_decode($this->page(), true);

        return \is_array($answer) ? $answer : [];
    }

    /** Takes a story in as its job file, by whoever is signed in. */
    protected function take(StoryBuilder $story): void
    {
        $this->get('/import');
        $this->send('/import', [], ['file' => $this->upload($story->json(), 'story.json')]);
        self::assertLessThan(400, $this->statusCode(), strip_tags(strstr($this->page(), '<main') ?: ''));
    }

    /**
     * Does the long work that waits, as its own process would.
     *
     * @return int how many waited
     */
    protected function doWhatWaits(): int
    {
        $manager = $this->manager();
        $waiting = $manager->getConnection()->fetchOne('SELECT COUNT(*) FROM messenger_messages');
        $kernel = $this->browser->getKernel();
        $kernel->shutdown();
        $kernel->boot();
        $command = (new Application($kernel))->find('jurvex:long-work');
        self::assertSame(0, (new CommandTester($command))->execute([]));

        return is_numeric($waiting) ? (int) $waiting : 0;
    }

    /** @param array<string, mixed> $fields */
    protected function fill(Crawler $page, string $button, array $fields): Crawler
    {
        $form = $page->selectButton($button)->form();
        $form->disableValidation()->setValues($fields);

        return $this->browser->submit($form);
    }

    /** Every line before a machine may turn or spray, confirmed as the page does it. */
    protected function passGate(Job $job, string $machine): void
    {
        foreach (\Jurvex\Core\Clear\Machine::from($machine)->gate() as $line) {
            $this->send('/jobs/'.$job->id.'/clear/gates/'.$machine, ['line' => $line, 'confirmed' => '1']);
        }
    }

    protected function findingAddress(Run $run, ?string $id = null): string
    {
        return '/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/findings/'.($id ?? Id::fresh());
    }

    /** @return resource */
    protected static function stream(string $text)
    {
        $stream = fopen('php://memory', 'r+');
        self::assertNotFalse($stream);
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }

    protected function jpeg(int $width = 40, int $height = 30): string
    {
        $picture = imagecreatetruecolor(max(1, $width), max(1, $height));
        self::assertNotFalse($picture);
        ob_start();
        imagejpeg($picture);

        return (string) ob_get_clean();
    }

    protected function upload(string $bytes, string $name = 'picture.jpg'): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'jurvex');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, $name, null, null, true);
    }

    /** A job file as another firm's: one digit on, every identifier is another, whichever it was. */
    protected static function underOtherIdentifiers(string $file): string
    {
        return (string) preg_replace_callback(
            '/([0-9a-f]{8}-[0-9a-f]{4}-7)([0-9a-f])([0-9a-f]{2}-)/',
            static fn (array $id) => $id[1].dechex((hexdec($id[2]) + 1) % 16).$id[3], $file,
        );
    }
}
