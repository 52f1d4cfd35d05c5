<?php

declare(strict_types=1);

namespace App\Tests;

use App\Record\Job;
use App\Record\MapVersion;
use App\Support\Database\Id;
use Jurvex\Core\Sketch\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** The line map, triage, openings and reach by the pages' own forms. */
#[Group('any-database')]
final class LineMapTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAPropertyIsSketchedAlteredAndUndone(): void
    {
        $job = $this->job('tea room');
        $this->send($this->wayIn($job).'/start', ['building' => 'slab_bath']);
        $job = $this->job('tea room');
        $sketch = $job->property()->sketch();
        self::assertSame('clay', $sketch->pipes['line']->material->value, 'built in 1961: clay in the ground');
        self::assertSame(
            [array_key_first($sketch->openings())],
            array_map(static fn ($opening) => $opening->node(), $job->openings()),
            'the map\'s opening is one of the job\'s',
        );
        $id = Id::fresh();
        foreach ([1, 2] as $_) {
            $this->send($this->wayIn($job).'/add/'.$id, ['what' => 'fixture:bath', 'at' => 'line', 'up' => '50 cm']);
            self::assertResponseRedirects($this->wayIn($job).'?at='.$id);
        }
        $after = $this->job('tea room')->property()->sketch();
        self::assertCount(\count($sketch->pipes) + 2, $after->pipes, 'sent twice, it is there once');
        self::assertEqualsWithDelta(0.5, $after->pipes[$id.'-join+']->length->value, 1e-9);
        $page = $this->get($this->wayIn($job).'?at='.$id.'-pipe');
        $this->fill($page, 'Save', [
            'pipe_form[lengthM]' => '3.4 m', 'pipe_form[tradeSize]' => '2', 'pipe_form[material]' => 'pvc_welded',
            'pipe_form[fallPercent]' => '2.5', 'pipe_form[bends][0][degrees]' => '90',
            'pipe_form[bends][0][atM]' => '1',
        ]);
        $pipe = $this->job('tea room')->property()->sketch()->pipes[$id.'-pipe'];
        self::assertSame([3.4, 52.0, Source::Told, Source::Guessed], [
            $pipe->length->value,
            $pipe->bore->value,
            $pipe->length->source,
            Source::Told === $pipe->down->source ? Source::Guessed : $pipe->down->source,
        ]);
        self::assertEqualsWithDelta(2.5, (float) $pipe->fallPercent(), 1e-9);
        self::assertSame([90.0, 1.0], [$pipe->bends[0]->degrees, $pipe->bends[0]->at]);
        $this->send($this->wayIn($job).'/undo', []);
        self::assertSame(2.0, $this->job('tea room')->property()->sketch()->pipes[$id.'-pipe']->length->value);
        self::assertCount(
            3,
            $this->manager()->getRepository(MapVersion::class)->findBy(['property' => $job->property()->id]),
            'what was before is kept, undone or not',
        );
        $this->send($this->wayIn($job).'/outlet', ['what' => 'tank', 'name' => 'Old tank']);
        self::assertSame(['tank', 'Old tank'], [
            $this->job('tea room')->property()->sketch()->outlet->what,
            $this->job('tea room')->property()->sketch()->outlet->name,
        ]);
        $this->send($this->wayIn($job).'/remove/'.$id, []);
        self::assertCount(\count($sketch->pipes), $this->job('tea room')->property()->sketch()->pipes);
    }

    public function testAFixturesHeightIsTypedInThePersonsOwnUnitsAndMayBeUnderTheFloor(): void
    {
        $this->signIn(self::OTHER_FIRM);
        $job = $this->job('Net store');
        $this->send($this->wayIn($job).'/start', ['building' => 'basement']);
        $at = $this->wayIn($job).'?at=floor_drain';
        foreach (["-8' 6\"" => -2.5908, "2' 4\"" => 0.7112, '-1.2 m' => -1.2] as $typed => $metres) {
            $this->fill($this->get($at), 'Save', ['fixture_form[level]' => $typed, 'fixture_form[name]' => 'Laundry drain']);
            self::assertEqualsWithDelta(
                $metres,
                $this->job('Net store')->property()->sketch()->nodes['floor_drain']->level->value ?? 0.0,
                1e-9,
            );
        }
        self::assertSame("-3' 11\"", $this->get($at)->filter('#fixture_form_level')->attr('value'));
        $this->fill($this->get($at), 'Save', ['fixture_form[name]' => 'Drain']);
        self::assertSame(
            -1.2,
            $this->job('Net store')->property()->sketch()->nodes['floor_drain']->level?->value,
            'what was not touched stays exact',
        );
        $line = $this->job('Net store')->property()->sketch()->pipes['line'];
        $this->fill($this->get($this->wayIn($job).'?at=line'), 'Save', ['pipe_form[shared]' => 'Next door']);
        $after = $this->job('Net store')->property()->sketch()->pipes['line'];
        self::assertSame(
            [$line->length->value, $line->bore->value, Source::Guessed, Source::Guessed, 'Next door'],
            [$after->length->value, $after->bore->value, $after->length->source, $after->bore->source, $after->shared],
            'feet and inches are rounded on the screen only',
        );
        $this->fill($this->get($at), 'Save', ['fixture_form[level]' => '--3']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString(
            'cannot',
            $this->browser->getCrawler()->filter('#fixture_form_level')->closest('.field')?->text() ?? '',
        );
    }

    /** @return array<string, array{array<string, string>, string, string}> */
    public static function badPipes(): array
    {
        return [
            'a loop' => [['pipe_form[runsInto]' => 'toilet'], 'pipe_form_runsInto', 'would run into itself'],
            'a negative length' => [['pipe_form[lengthM]' => '-3'], 'pipe_form_lengthM', 'cannot be under zero'],
            'a proof that nobody names' => [
                ['pipe_form[tied]' => 'proved', 'pipe_form[proof]' => ''],
                'pipe_form_proof',
                'Say what proved it',
            ],
            'no length' => [['pipe_form[lengthM]' => ''], 'pipe_form_lengthM', 'Say how far'],
            'a bore that cannot be' => [['pipe_form[boreMm]' => '5', 'pipe_form[tradeSize]' => ''], 'pipe_form_boreMm', 'A size between'],
        ];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('badPipes')]
    public function testABadMapIsRefusedAtTheFieldWithWhatToDoAndNothingIsStored(array $typed, string $field, string $words): void
    {
        $job = $this->job();
        $before = $job->property()->map();
        $page = $this->fill($this->get($this->wayIn($job).'?at=glaze-join%2B'), 'Save', $typed);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString($words, $page->filter('#'.$field)->closest('.field')?->text() ?? '');
        foreach ($typed as $name => $value) {
            $kept = $page->filter('[name="'.$name.'"] option[selected], input[name="'.$name.'"]');
            self::assertSame($value, (string) ($kept->count() > 0 ? $kept->attr('value') : ''), 'what was typed stays');
        }
        self::assertSame($before, $this->job()->property()->map());
    }

    public function testAPlaceBeyondThePipeIsRefusedBesideWhereItWasTyped(): void
    {
        $job = $this->job();
        foreach (['90' => 'it must lie on that pipe', 'far up' => 'cannot be read as a distance'] as $typed => $words) {
            $this->send($this->wayIn($job).'/add/'.Id::fresh(), ['what' => 'fixture:bath', 'at' => 'glaze-join+', 'up' => (string) $typed]);
            self::assertSame(422, $this->statusCode());
            self::assertStringContainsString($words, $this->browser->getCrawler()->filter('.up-field')->text());
            self::assertSame((string) $typed, $this->browser->getCrawler()->filter('#up')->attr('value'));
        }
    }

    public function testTheNextJobAtTheSamePlaceStartsWithTheMapAndAnotherPlaceDoesNot(): void
    {
        $open = function (string $place): Job {
            $this->fill($this->get('/jobs/new'), 'Open the job', [
                'call_form[place]' => $place,
                'call_form[customer]' => 'Next',
                'call_form[number]' => 'N '.$place,
            ]);
            $job = $this->manager()->getRepository(Job::class)->findOneBy(['call.number' => 'N '.$place]);
            self::assertInstanceOf(Job::class, $job);
            $this->manager()->clear();

            return $this->manager()->find(Job::class, $job->id) ?? self::fail('not stored');
        };
        $known = $this->job();
        $next = $open('pottery studio,  4 quay lane');
        self::assertSame($known->property()->id, $next->property()->id);
        self::assertCount(3, $next->openings());
        self::assertStringContainsString('26-0412', $this->get($this->wayIn($next))->filter('#numbers')->text(), 'the other job is named');
        $this->fill($this->get('/jobs/'.$next->id), 'Save the call', ['call_form[place]' => 'Pottery barn, 5 Quay Lane']);
        $this->manager()->clear();
        $moved = $this->manager()->find(Job::class, $next->id);
        self::assertNotSame($known->property()->id, $moved?->property()->id, 'another place is another property');
        self::assertFalse($moved?->property()->hasMap());
        self::assertSame('Pottery studio, 4 Quay Lane', $this->job('Pottery studio')->property()->place());
    }

    public function testAPhoneGetsADrawingOfItsOwnWidth(): void
    {
        $job = $this->job();
        self::assertStringStartsWith('0 0 820 ', (string) $this->get($this->wayIn($job))->filter('svg.plan')->attr('viewBox'));
        $this->browser->getCookieJar()->set(new \Symfony\Component\BrowserKit\Cookie('narrow', '1'));
        self::assertStringStartsWith('0 0 344 ', (string) $this->get($this->wayIn($job))->filter('svg.plan')->attr('viewBox'));
    }

    public function testTheMapGoesOutAsADrawingThatNeedsNothingElse(): void
    {
        $job = $this->job();
        $this->get($this->wayIn($job).'/line-map.svg');
        $svg = new \DOMDocument();
        self::assertTrue($svg->loadXML($this->page()));
        self::assertStringContainsString('Glaze sink', $this->page());
        self::assertStringNotContainsString('href', $this->page());
        $this->get($this->wayIn($job).'/line-map.png');
        $size = getimagesizefromstring($this->page());
        self::assertIsArray($size);
        self::assertGreaterThan(1200, $size[0]);
    }

    private function wayIn(Job $job): string
    {
        return '/jobs/'.$job->id.'/way-in';
    }
}
