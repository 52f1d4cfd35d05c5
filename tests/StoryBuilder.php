<?php

declare(strict_types=1);

namespace App\Tests;

use App\Support\Database\Id;

/** Writes a job file about one property: its openings, its looks, what was logged on each. */
final class StoryBuilder
{
    private const BASE = __DIR__.'/fixtures/job-version-1.json';

    public readonly string $id;

    /** @var array<string, mixed> of one job, opening, run and finding each */
    private array $usual;

    /** @var array<string, mixed> */
    private array $job;

    /** @var array<string, array<string, mixed>> by place */
    private array $openings = [];

    /** @var list<array<string, mixed>> */
    private array $looks = [];

    /** @var list<array<string, mixed>> */
    private array $passes = [];

    /** @var list<array<string, mixed>> */
    private array $outside = [];

    /** @var ?array<string, mixed> */
    private ?array $map = null;

    /** @var list<array{id: string, kind: string, name: string, x_m: float, y_m: float}> */
    private array $things = [];

    /** @var list<array<string, mixed>> */
    private array $heights = [];

    public function __construct(string $place, string $units = 'metric')
    {
        /** @var array{job: array<string, mixed>, openings: list<array<string, mixed>>, ...} $file */
        $file = json_decode((string) file_get_contents(self::BASE), true, 64, \JSON_THROW_ON_ERROR);
        $this->id = Id::fresh();
        $this->usual = $file;
        /** @var array<string, mixed> $job */
        $job = array_replace_recursive($file['job'], [
            'id' => $this->id, 'chosen_opening' => null, 'cleared' => null, 'advice' => '', 'upkeep' => '', 'upkeep_due_on' => null,
            'call' => ['place' => $place, 'number' => '', 'customer_number' => '', 'report_units' => $units],
        ]);
        $this->job = ['seen' => [], 'gates' => [], 'made_tests' => [], 'dangers' => []] + $job;
    }

    /** @param array<string, mixed> $more */
    public function opening(string $place, array $more = []): self
    {
        $this->openings[$place] = $more + ['id' => Id::fresh(), 'place' => $place, 'kind' => 'cleanout', 'drop_m' => 0.0]
            + $this->usual('openings');

        return $this;
    }

    /** @param array<string, mixed> $measured */
    public function outside(string $place, array $measured): self
    {
        $this->outside[] = [
            'id' => Id::fresh(), 'logged_at' => '2026-03-02T10:00:00+00:00', 'withdrawn_at' => null, 'place' => $place, ...$measured,
        ];

        return $this;
    }

    /**
     * A day after the look before.
     *
     * @param list<array<string, mixed>> $findings
     * @param array<string, mixed> $more
     */
    public function look(string $from, array $findings, float $reached, string $end = 'main_reached', array $more = []): self
    {
        $began = new \DateTimeImmutable('2026-03-02T09:00:00+00:00 +'.\count($this->looks).' days');
        $run = $this->usual('runs');
        /** @var list<array<string, mixed>> $logged */
        $logged = $run['findings'];
        $this->looks[] = $more + [
            'id' => Id::fresh(), 'opening' => $this->openings[$from]['id'], 'started_at' => $began->format(\DATE_ATOM),
            'ended_at' => $began->modify('+40 min')->format(\DATE_ATOM), 'water_off_at' => null, 'end_reason' => $end,
            'reached_m' => $reached, 'material' => 'clay', 'bore_mm' => 100.0, 'readings' => [], 'marks' => [],
            'findings' => array_map(static fn (array $finding) => ['facts' => (object) ($finding['facts'] ?? [])] + $finding + [
                'id' => Id::fresh(), 'logged_at' => $began->modify('+10 min')->format(\DATE_ATOM), 'drawn_back' => null,
                'recorded_s' => null, 'reading_m' => null,
            ] + $logged[0], $findings),
        ] + $run;

        return $this;
    }

    /**
     * On the last look; by tapes from what stands on the site, where a place is given.
     *
     * @param array<string, mixed> $more
     * @param ?array{float, float} $place
     */
    public function mark(array $more, ?array $place = null): self
    {
        $look = array_key_last($this->looks) ?? throw new \LogicException('A mark belongs to a look.');
        foreach (['one', 'two', 'three'] as $i => $tie) {
            $thing = null === $place ? null : $this->things[$i] ?? null;
            if (null !== $thing) {
                $more += [
                    'tie_'.$tie.'_to' => $thing['name'],
                    'tie_'.$tie.'_m' => round(hypot($thing['x_m'] - $place[0], $thing['y_m'] - $place[1]), 2),
                ];
            }
        }
        /** @var list<array<string, mixed>> $marks */
        $marks = $this->looks[$look]['marks'];
        $this->looks[$look]['marks'] = [...$marks, $more + [
            'id' => Id::fresh(), 'logged_at' => '2026-03-02T10:00:00+00:00', 'withdrawn_at' => null, 'over_head' => 'nothing',
            'paint' => 'cross', 'ground' => 'lawn', 'tie_one_m' => null, 'tie_one_to' => '', 'tie_two_m' => null, 'tie_two_to' => '',
            'note' => '',
        ]];

        return $this;
    }

    /** Something on the site that stays; marks are taped from the first three. */
    public function stands(string $name, float $x, float $y, string $kind = 'post'): self
    {
        $this->things[] = ['id' => Id::fresh(), 'kind' => $kind, 'name' => $name, 'x_m' => $x, 'y_m' => $y];

        return $this;
    }

    public function height(string $from, string $to, float $up, string $how = 'laser'): self
    {
        $this->heights[] = [
            'id' => Id::fresh(), 'logged_at' => '2026-03-02T10:00:00+00:00', 'withdrawn_at' => null, 'from_point' => $from,
            'to_point' => $to, 'up_m' => $up, 'how' => $how,
        ];

        return $this;
    }

    /**
     * Of the opening that the job works from.
     *
     * @param array<string, mixed> $more
     */
    public function pass(string $from, array $more): self
    {
        $this->job['chosen_opening'] = $this->openings[$from]['id'];
        $this->passes[] = ['id' => Id::fresh(), 'opening' => $this->openings[$from]['id']] + $more + $this->usual('passes');

        return $this;
    }

    /**
     * What is to be cleared from an opening.
     *
     * @param array<string, mixed> $clearing
     */
    public function clear(string $from, array $clearing): self
    {
        $this->job['chosen_opening'] = $this->openings[$from]['id'];
        /** @var array<string, mixed> $usual */
        $usual = $this->job['clearing'];
        $this->job['clearing'] = $clearing + $usual;

        return $this;
    }

    /**
     * A pipe from one opening to the next, as long as somebody measured; the main is at the lower one.
     *
     * @param array<string, mixed> $of what else is known of the pipe
     * @param array<string, mixed> $entry what is known of the upper opening
     */
    public function measuredLine(string $upper, string $lower, float $metres, array $of = [], array $entry = []): self
    {
        $mouth = $this->openingOnMap();
        /** @var array<string, mixed> $usual */
        $usual = $mouth['mouth'];
        $above = ['mouth' => $entry + $usual] + $mouth;
        $known = static fn (mixed $value, string $source) => ['value' => $value, 'source' => $source];
        $pipe = $of + [
            'past_stoppages' => 0, 'shared' => '', 'proof' => '', 'tied' => 'guessed', 'joins' => 'straight', 'bends' => [],
            'down_deg' => $known(1.1, 'guessed'), 'material' => $known('clay', 'seen'), 'bore_mm' => $known(100.0, 'seen'),
        ];
        $this->map = [
            'nodes' => [
                ['id' => 'main', 'kind' => 'outlet', 'what' => 'main', 'level_m' => null, 'mouth' => null, 'name' => ''],
                ['id' => $upper] + $above, ['id' => $lower] + $mouth,
            ],
            'pipes' => [
                ['id' => 'long', 'from' => $upper, 'to' => $lower, 'length_m' => $known($metres, 'measured')] + $pipe,
                ['id' => 'last', 'from' => $lower, 'to' => 'main', 'length_m' => $known(0.0, 'measured')] + $pipe,
            ],
        ];

        return $this;
    }

    public function json(): string
    {
        return json_encode([
            'job' => $this->job, 'line_map' => $this->map, 'openings' => array_values($this->openings), 'passes' => $this->passes,
            'runs' => $this->looks, 'outside_pipes' => $this->outside, 'corrections' => [], 'heights' => $this->heights,
            'site_plan' => [] === $this->things ? null : ['things' => $this->things],
        ] + $this->usual, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array<string, mixed> */
    private function usual(string $list): array
    {
        /** @var array<string, list<array<string, mixed>>> $usual */
        $usual = $this->usual;

        return $usual[$list][0];
    }

    /** @return array<string, mixed> */
    private function openingOnMap(): array
    {
        /** @var array{line_map: array{nodes: list<array<string, mixed>>}} $usual */
        $usual = $this->usual;

        return array_values(array_filter($usual['line_map']['nodes'], static fn (array $node) => null !== $node['mouth']))[0];
    }
}
