<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Mark;
use App\Support\Database\Id;
use App\Support\Wording\Languages;
use Jurvex\Core\Say\Lexicon;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Yaml\Yaml;

/** Every word comes from the translations, every language has them all, and everybody is spoken to in their own. */
#[Group('any-database')]
final class LanguagesTest extends ApplicationTestCase
{
    /** Names and symbols that are the same in every language. */
    private const OF_NO_LANGUAGE = ['Jurvex', 'English', 'Español', 'min', 'SVG', 'PNG'];

    private const SAID = '//body//text()[not(ancestor::script or ancestor::style)] | //body//@aria-label | //body//@title'
        .' | //body//@placeholder | //body//@alt | //head/title/text()';

    protected function tearDown(): void
    {
        PseudoTranslator::$isOn = false;
        parent::tearDown();
    }

    public function testEveryLanguageHasAllWordsWithTheSameBlanks(): void
    {
        $languages = array_values(array_filter(
            self::getContainer()->get(Languages::class)->all, static fn (string $each) => is_file(self::file('messages', $each)),
        ));
        self::assertSame(['en', 'es'], $languages);
        foreach (['messages', 'messages+intl-icu', 'validators'] as $file) {
            $first = self::words($file, $languages[0]);
            foreach (\array_slice($languages, 1) as $language) {
                $words = self::words($file, $language);
                self::assertSame(array_keys($first), array_keys($words), "$file.$language");
                self::assertSame([], array_filter(array_keys($first), static fn (string $key) => self::blanks($first[$key])
                    !== self::blanks($words[$key])), "$file.$language");
            }
        }
        self::assertSame([], array_diff($languages, Lexicon::languages()), 'Every language has a table of what is said.');
    }

    public function testNoWordOnAnyPageIsFromElsewhere(): void
    {
        $this->asInUse();
        $this->signIn(self::OFFICE);
        $job = $this->job();
        $known = $this->typed();
        $addresses = $this->addresses($job);
        PseudoTranslator::$isOn = true;
        $elsewhere = [];
        foreach ($addresses as $address) {
            $page = $this->get($address);
            $response = $this->browser->getResponse();
            if ($response->isRedirection() || !str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
                continue;
            }
            $said = '';
            foreach ($page->filterXPath(self::SAID) as $node) {
                $said .= $node->textContent."\n";
            }
            $others = str_replace($known, ' ', (string) preg_replace('~https?://\S+|\{\w+\}|[\w.]+@[\w.]+~', ' ', $said));
            preg_match_all('/(?<!\pL)[A-Za-z]{3,}(?!\pL)/u', $others, $found);
            $elsewhere[$address] = implode(' ', array_diff(array_unique($found[0]), self::OF_NO_LANGUAGE));
        }
        self::assertSame([], array_filter($elsewhere));
        self::assertGreaterThan(50, \count($elsewhere));
    }

    public function testEverybodyIsSpokenToInTheirOwnLanguage(): void
    {
        $this->browser->request('GET', '/sign-in', server: ['HTTP_ACCEPT_LANGUAGE' => 'fr, es;q=0.8, en;q=0.5']);
        self::assertSelectorTextSame('h1', 'Entrar');
        $this->signIn();
        $this->get('/');
        self::assertSelectorExists('html[lang=en]');
        $this->fill($this->get('/settings'), 'Save', ['language' => 'es', 'units' => 'metric']);
        self::assertStringContainsString('Trabajo nuevo', $this->get('/')->filter('main')->text());
        self::assertSelectorExists('html[lang=es]');
        // The button in the bar changes the light and nothing else.
        $this->browser->submitForm('Luz de sótano');
        self::assertStringContainsString('Trabajo nuevo', $this->get('/')->filter('main')->text());
        $this->fill($this->get('/jobs/new'), 'Abrir el trabajo', ['call_form[place]' => '']);
        self::assertStringContainsString('Diga dónde es el trabajo', $this->page());
        $this->signIn(self::OFFICE);
        self::assertStringContainsString('New job', $this->get('/')->filter('main')->text());
    }

    public function testAReportSpeaksTheCustomersLanguageWhoeverReadsIt(): void
    {
        $this->signIn();
        $job = $this->job();
        $address = '/jobs/'.$job->id;
        self::assertStringContainsString('What we found', $this->get($address.'/report')->filter('main')->text());
        $this->fill($this->get($address), 'Save the call', ['call_form[reportLanguage]' => 'es']);
        $report = $this->get($address.'/report');
        self::assertSelectorExists('html[lang=es]');
        $day = $this->lastRun($job)->startedAt->setTimezone(new \DateTimeZone($job->firm->timeZone));
        $month = \IntlDateFormatter::formatObject($day, 'MMMM', 'es');
        foreach (['Qué encontramos', 'Masa de raíces a 24.8 m', 'Qué aconsejamos', (string) $month] as $said) {
            self::assertStringContainsString($said, $report->filter('main')->text());
        }
        self::assertSame('English', trim($report->filter('.report-acts [hreflang=en]')->text()));
        self::assertStringContainsString('What we found', $this->get($address.'/report?language=en')->filter('main')->text());
        // The letter is the customer's too, the page around it the technician's.
        $letter = $this->get($address.'/hand-over')->filter('form[action*="/letters/"]');
        self::assertStringStartsWith('Su informe del desagüe', (string) $letter->filter('input[name*="[subject]"]')->attr('value'));
        self::assertStringContainsString('Send', $letter->text());
        $this->get($address.'/report.pdf');
        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'jurvex'), $this->page());
        self::assertStringContainsString('Qué encontramos', (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -'));
        $this->get($address.'/job.json');
        self::assertStringContainsString('"report_language":"es"', (string) preg_replace('/\s+/', '', $this->page()));
    }

    /** As docs/languages.md has it; its few words lie in tests/fixtures/languages. */
    public function testALanguageIsAddedByItsFilesAndOneLine(): void
    {
        $this->signIn();
        self::assertSame('Esperanto', trim($this->get('/settings')->filter('input[value=eo] + span')->text()));
        $this->fill($this->get('/settings'), 'Save', ['language' => 'eo', 'units' => 'metric']);
        $stages = $this->get('/jobs/'.$this->job()->id)->filter('nav.stages')->text();
        self::assertSelectorExists('html[lang=eo]');
        self::assertStringContainsString('Voko', $stages);
        // What it has no word for is said in English; what is said is read as English.
        self::assertStringContainsString('Way in', $stages);
        self::assertStringContainsString('Kion ni trovis', $this->get('/jobs/'.$this->job()->id.'/report')->filter('main')->text());
        $run = $this->lastRun($this->job());
        $say = $this->get('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/say?said='.rawurlencode('offset joint at 12 metres'));
        self::assertStringContainsString('Offset joint', $say->text());
    }

    public function testASentenceIsReadInTheLanguageOfWhoeverSaysIt(): void
    {
        $this->signIn();
        $this->fill($this->get('/settings'), 'Save', ['language' => 'es', 'units' => 'metric']);
        $run = $this->lastRun($this->job());
        $say = $this->get('/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/say?said='.rawurlencode('junta desplazada a los doce metros'));
        self::assertStringContainsString('Junta desplazada', $say->text());
        self::assertStringContainsString('12.0 m', $say->text());
    }

    private static function file(string $file, string $language): string
    {
        return \dirname(__DIR__)."/translations/$file.$language.yaml";
    }

    /** @return array<string, string> */
    private static function words(string $file, string $language): array
    {
        $words = [];
        $read = Yaml::parseFile(self::file($file, $language));
        self::assertIsArray($read);
        $flat = static function (array $some, string $before) use (&$flat, &$words): void {
            foreach ($some as $key => $each) {
                \is_array($each) ? $flat($each, $before.$key.'.') : $words[$before.$key] = \is_string($each) ? $each : '';
            }
        };
        $flat($read, '');
        ksort($words);

        return $words;
    }

    /** @return list<string> what is filled in */
    private static function blanks(string $words): array
    {
        preg_match_all('/%\w+%|\{\{ \w+ \}\}|\{(?=\w+[,}])\w+(?=, (?:plural|number))|\{(?!\pL+\})\w+\}/u', $words, $found);
        $blanks = array_unique(array_map(mb_strtolower(...), $found[0]));
        sort($blanks);

        return $blanks;
    }

    /** @return list<string> all that somebody typed, the longest first; a drawing may break it between two words */
    private function typed(): array
    {
        $connection = $this->manager()->getConnection();
        $words = [];
        foreach ($connection->createSchemaManager()->listTableNames() as $table) {
            foreach ($connection->fetchAllAssociative('SELECT * FROM "'.$table.'"') as $row) {
                $values = array_map(static fn (mixed $each) => \is_string($each) ? json_decode($each, true) ?? $each : $each, $row);
                array_walk_recursive($values, static function (mixed $each) use (&$words): void {
                    // A code of ours is no word of anybody's.
                    if (!\is_string($each) || 1 !== preg_match('/[A-Za-z]{3}/', $each) || 1 === preg_match('/^[a-z_]+$/', $each)) {
                        return;
                    }
                    $words[$each] = \strlen($each);
                    for ($at = 0; \strlen($each) < 60 && false !== ($at = strpos($each, ' ', $at + 1));) {
                        foreach ([substr($each, 0, $at), substr($each, $at + 1)] as $part) {
                            $words += 1 === preg_match('/[A-Za-z]{3}/', $part) ? [$part => \strlen($part)] : [];
                        }
                    }
                });
            }
        }
        arsort($words);

        return array_map(strval(...), array_keys($words));
    }

    /** @return array<string> every page of one job and of the firm */
    private function addresses(Job $job): array
    {
        $run = $this->lastRun($job);
        $finding = $this->manager()->getRepository(LoggedFinding::class)->findOneBy(['run' => $run]);
        $mark = $this->manager()->getRepository(Mark::class)->findOneBy(['run' => $run]);
        $values = [
            'job' => $job->id, 'run' => $run->id, 'finding' => $finding?->id, 'format' => 'svg', 'machine' => 'jet',
            'property' => $job->property()->id,
        ];
        $ids = ['run' => $run->id, 'run_end' => $run->id, 'finding_form' => $finding?->id, 'mark_form' => $mark?->id];
        $addresses = ['/nowhere', '/sign-in'];
        $router = self::getContainer()->get(RouterInterface::class);
        foreach ($router->getRouteCollection() as $name => $route) {
            if ([] === $route->getMethods() || \in_array('GET', $route->getMethods(), true)) {
                preg_match_all('/\{(\w+)\}/', $route->getPath(), $found);
                $named = [];
                foreach ($found[1] as $blank) {
                    $named[$blank] = $values[$blank] ?? $ids[$name] ?? Id::fresh();
                }
                $addresses[] = $router->generate($name, $named);
            }
        }

        return array_filter($addresses, static fn (string $each) => 1 !== preg_match('~\.(pdf|zip|json|svg|png|csv|ics)$~', $each));
    }
}
