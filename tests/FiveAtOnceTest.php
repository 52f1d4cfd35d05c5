<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Database\Id;
use Jurvex\Core\Clear\Machine;
use PHPUnit\Framework\TestCase;
use Symfony\Component\DomCrawler\Crawler;

/** The same new entry, sent five times at once from five sessions, is stored once: for every kind of entry. */
final class FiveAtOnceTest extends TestCase
{
    use RealServer;

    private const TIMES = 5;
    private const CALL = [
        'why' => 'stoppage', 'place' => 'Rope store, 3 Tar Alley', 'customer' => 'Ina Wold', 'turn' => '1', 'reportUnits' => 'metric',
    ];

    /** @var array<non-empty-string, string> the sessions' tokens by cookie jar */
    private array $sessions = [];

    private string $job = '';

    public function testIsStoredOnce(): void
    {
        $database = TestDatabase::copy('five');
        $server = $this->serve($database, self::TIMES + 1);
        try {
            $this->begin($database);
            foreach ($this->entries() as $table => [$address, $fields]) {
                $before = $database->count($table);
                $this->sendAtOnce($table, array_fill(0, self::TIMES, $address), $fields);
                self::assertSame($before + 1, $database->count($table), $table);
            }
            $properties = $database->count('property');
            $new = array_map(static fn () => '/jobs/'.Id::fresh().'/open', range(1, self::TIMES));
            $this->sendAtOnce('five jobs at one new place', $new, ['call_form' => ['place' => 'Net loft, 1 Cod Wynd'] + self::CALL]);
            self::assertSame($properties + 1, $database->count('property'));
            self::assertSame(0, $database->count('(SELECT number FROM job GROUP BY firm_id, number HAVING COUNT(*) > 1) AS twice'));
        } finally {
            self::end($server);
            $database->remove();
        }
    }

    private function begin(TestDatabase $database): void
    {
        for ($i = 0; $i < self::TIMES; ++$i) {
            $jar = tempnam(sys_get_temp_dir(), 'jurvex') ?: '/dev/null';
            preg_match('~name="csrf" content="([^"]+)"~', $this->signIn($jar), $token);
            $this->sessions[$jar] = $token[1] ?? '';
        }
        $job = $database->connection()->fetchOne("SELECT id FROM job WHERE place LIKE 'Pottery%'");
        self::assertIsString($job);
        $this->job = '/jobs/'.$job;
        foreach (Machine::Cable->gate() as $line) {
            $this->curl((string) array_key_first($this->sessions) ?: '/dev/null', $this->job.'/clear/gates/cable', [
                'line' => $line, 'confirmed' => '1',
            ], (string) current($this->sessions));
        }
    }

    /** @return \Generator<string, array{string, array<string, mixed>}> address and fields by table */
    private function entries(): \Generator
    {
        yield 'job' => ['/jobs/'.Id::fresh().'/open', ['call_form' => self::CALL]];
        yield 'opening' => $this->filled('/way-in/openings', 'opening_form', ['place' => 'By the kiln', 'kind' => 'cleanout']);
        yield 'pass' => $this->filled('/clear', 'pass_form', ['tool' => 'cable', 'head' => 'Blade', 'inM' => '4', 'outM' => '0']);
        yield 'flow_test' => $this->filled('/clear', 'flow_test_form', ['minutes' => '5', 'result' => 'holds']);
        yield 'run' => $this->filled('/look?start=1', 'run_form', []);
        $outside = (string) $this->page('/look')->filter('.outsides > a')->attr('href');
        yield 'outside_pipe' => [$outside, ['outside_form' => [
            'place' => 'Under the floor', 'lengthM' => '4', 'material' => 'cast_iron', 'levelStepDeg' => '0.1', 'supports' => 'sound',
        ]]];
        yield 'mark' => $this->filled('/mark', 'mark_form', ['atM' => '4', 'depthsM' => ['1.2', '1.2', '1.2']]);
        $look = $this->page('/look');
        $run = (string) $look->filter('[data-url]')->attr('data-url');
        yield 'logged_finding' => [$run.'/findings/'.Id::fresh(), [
            'kind' => 'crack', 'reading_from' => '2', 'facts' => ['crack_state' => 'closed'],
        ]];
        yield 'share_link' => [$this->job.'/hand-over/links/'.Id::fresh(), ['a' => '']];
        $judging = (string) $this->page('/judge')->filter('.why a[href^="?judging="]')->first()->attr('href');
        $opinion = $this->page('/judge'.$judging)->filter('form.opinion')->first()->form();
        yield 'own_opinion' => [(string) parse_url($opinion->getUri(), \PHP_URL_PATH), ['need' => 'watch', 'reason' => 'It is dry']];
        yield 'danger_said' => [$this->job.'/way-in/stoppage/danger', ['sign' => 'gas_smell', 'state' => 'absent']];
        yield 'stuck_tool' => [$this->job.'/clear/stuck/'.Id::fresh().'/begin', ['trouble' => 'will_not_go', 'at' => '4']];
        $jar = (string) array_key_first($this->sessions) ?: '/dev/null';
        $tool = (string) (new Crawler($this->curl($jar, '/kit')))->filter('.day-job a[href^="/kit/"]')->attr('href');
        $form = (new Crawler($this->curl($jar, $tool), 'http://127.0.0.1'.$tool))->filter('form[name="tool_form"]')->form();
        $values = $form->getPhpValues();
        self::assertIsArray($values['tool_form']);
        yield 'kit_tool' => ['/kit/'.Id::fresh(), ['tool_form' => array_diff_key($values['tool_form'], ['shown' => ''])]];
    }

    /**
     * The form of a page as a browser would send it, with what the person typed.
     *
     * @param array<string, mixed> $typed
     *
     * @return array{string, array<string, mixed>}
     */
    private function filled(string $page, string $name, array $typed): array
    {
        $form = $this->page($page)->filter('form[name="'.$name.'"]')->form();
        $values = $form->getPhpValues();
        self::assertIsArray($values[$name] ?? null);

        return [(string) parse_url($form->getUri(), \PHP_URL_PATH), [$name => array_replace($values[$name], $typed)]];
    }

    private function page(string $stage): Crawler
    {
        $jar = (string) array_key_first($this->sessions) ?: '/dev/null';

        return new Crawler($this->curl($jar, $this->job.$stage), 'http://127.0.0.1'.$this->job.$stage);
    }

    /**
     * Each session sends to an address of its own, and is taken.
     *
     * @param list<string> $addresses
     * @param array<string, mixed> $fields
     */
    private function sendAtOnce(string $what, array $addresses, array $fields): void
    {
        $all = curl_multi_init();
        $handles = [];
        foreach ($this->sessions as $jar => $token) {
            $handles[] = $handle = self::request($jar, (string) array_pop($addresses), $fields, $token);
            curl_multi_add_handle($all, $handle);
        }
        do {
            $status = curl_multi_exec($all, $running);
            curl_multi_select($all, 0.1);
        } while ($running > 0 && \CURLM_OK === $status);
        $answers = array_map(static fn (\CurlHandle $handle) => (int) curl_getinfo($handle, \CURLINFO_RESPONSE_CODE), $handles);
        $refused = array_filter($answers, static fn (int $status) => $status >= 400);
        self::assertSame([], $refused, $what.': '.implode(', ', $answers));
    }
}
