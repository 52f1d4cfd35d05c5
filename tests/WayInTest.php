<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Kit;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\MapVersion;
use App\Record\Run;
use App\Record\RunDetails;
use App\Support\Database\Id;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\DomCrawler\Crawler;

/** The line map, triage, openings and reach by the pages' own forms. */
final class WayInTest extends ApplicationTestCase
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

    public function testTapsShadeTheMapNameThePlacesAndProposeTheNextCheck(): void
    {
        $job = $this->job('Camp');
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertCount(3, $page->filter('.likeliest li'));
        self::assertStringContainsString('from Chamber at the path', $page->filter('.likeliest')->text());
        self::assertMatchesRegularExpression('/Next best check: (open|run) /', $page->filter('.next-check h2')->text());
        self::assertMatchesRegularExpression('/expected to narrow the field by \d\.\d\d bits/', $page->filter('.next-check')->text());
        $this->send($this->wayIn($job).'/stoppage/seen', ['seen' => [$job->openings()[0]->node() => 'standing']]);
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertStringContainsString('Line below Chamber at the path', $page->filter('.likeliest li')->first()->text());
        self::assertSame(
            '1',
            $page->filter('.plan .shade')->reduce(static fn (Crawler $path) => '1' === $path->attr('opacity'))->first()->attr('opacity'),
        );
        self::assertCount(0, $page->filter('.caution[role=alert]'));
        $this->send($this->wayIn($job).'/stoppage/seen', ['seen' => ['showers' => 'drains', 'toilets' => 'drains']]);
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertStringContainsString('These contradict each other.', $page->filter('.caution[role=alert]')->text());
        $this->send($this->wayIn($job).'/stoppage/seen', ['seen' => ['showers' => 'drains']]);
        self::assertArrayNotHasKey('showers', $this->job('Camp')->site()->seen(), 'the same answer once more takes it back');
    }

    public function testADangerSignStopsWhatWouldHurtUntilItIsMadeSafe(): void
    {
        $job = $this->job('Camp');
        $address = $this->wayIn($job).'/stoppage';
        self::assertGreaterThan(0, $this->get($address)->filter('.next-check')->count());
        $this->send($address.'/danger', ['sign' => 'gas_smell', 'state' => 'present']);
        $page = $this->get($address);
        self::assertStringContainsString('Everybody out', $page->filter('.danger-card')->text());
        self::assertCount(0, $page->filter('.next-check'));
        self::assertStringContainsString(
            'Everybody out',
            $this->get('/jobs/'.$job->id.'/clear')->filter('[role=alert]')->text(),
            'it stands on the other stages too',
        );
        $this->send($address.'/danger', ['sign' => 'gas_smell', 'state' => 'made_safe']);
        $this->send($address.'/danger', ['sign' => 'sewage_rising', 'state' => 'present']);
        $page = $this->get($address);
        self::assertStringContainsString('made safe, said Ana Terek', $page->filter('.dangers')->text());
        self::assertStringNotContainsString('run ', $page->filter('.next-checks h2')->text(), 'nothing is run while it rises');
    }

    public function testATestThatWasMadeStaysAsEvidenceAndIsTakenBack(): void
    {
        $job = $this->job('Camp');
        $address = $this->wayIn($job).'/stoppage';
        $this->send($address.'/test', ['run' => 'sinks', 'watched' => 'toilets', 'answer' => 'rises']);
        self::assertStringContainsString(
            'ran Washing-up sinks, watched Toilets: it rises',
            $this->get($address)->filter('#numbers')->text(),
        );
        foreach ([
            ['run' => 'sinks', 'watched' => 'sinks', 'answer' => 'rises'],
            ['run' => 'sinks', 'watched' => 'toilets', 'answer' => 'runs_by'],
            ['run' => 'nobody', 'watched' => 'toilets', 'answer' => 'rises'],
        ] as $nonsense) {
            $this->send($address.'/test', $nonsense);
        }
        self::assertCount(1, $this->job('Camp')->site()->tests());
        $this->send($address.'/test', ['run' => 'sinks', 'watched' => 'toilets', 'answer' => '']);
        self::assertSame([], $this->job('Camp')->site()->tests());
        $this->signIn();
        $yard = $this->job()->openings()[0]->node();
        $this->send($this->wayIn($this->job()).'/stoppage/test', ['run' => 'toilet', 'watched' => $yard, 'answer' => 'nothing']);
        self::assertSame(Source::Guessed, $this->job()->property()->sketch()->pipes['kitchen-pipe']->tied);
    }

    public function testTheReachIsASentenceAPictureAndARanking(): void
    {
        $job = $this->job('Camp');
        $page = $this->get($this->wayIn($job).'/reach');
        self::assertStringContainsString(
            'Stiff rod, 60 m, camera head from Chamber at the path: all the way',
            $page->filter('.answer')->text(),
        );
        self::assertGreaterThan(0, $page->filter('.plan-reach .pipe-bore.got')->count());
        self::assertStringContainsString('Expected from Chamber at the path', $page->filter('.ribbon-caption')->text());
        self::assertStringContainsString('cannot turn that way', $page->filter('#numbers')->text());
        $page = $this->get($this->wayIn($job).'/reach?target=toilets-pipe');
        self::assertStringContainsString(
            'Use Chamber at the path with the Steered rod',
            $page->filter('.answer')->text(),
            'up into a branch only with what steers',
        );
        self::assertStringContainsString('Comes out', $page->filter('.options tbody tr')->first()->text());
        $page = $this->get($this->wayIn($this->job('Terraced')).'/reach?target=line');
        self::assertStringContainsString('it is blocked', $page->filter('.answer')->text());
        self::assertStringContainsString('said yes', $page->filter('.answer')->text());
        $page = $this->get($this->wayIn($this->job()).'/reach?target=glaze-pipe');
        self::assertMatchesRegularExpression('/Nothing of the kit gets through .*new opening/s', $page->filter('.bench')->text());
        self::assertStringContainsString('Roof and ladder.', $page->filter('.bench')->text());
    }

    public function testWhatTheCameraSawIsTakenOverOrTurnedDown(): void
    {
        $job = $this->job();
        $page = $this->get($this->wayIn($job));
        self::assertStringContainsString('is Cast iron', $page->filter('.proposals')->text());
        self::assertMatchesRegularExpression('/Seen: \d+\.\d+ m of 45\.6 m/', $page->filter('#numbers')->text());
        $keys = self::keys($page);
        $down = array_values(array_filter($keys, static fn (string $key) => str_starts_with($key, 'bore:')))[0];
        $this->send($this->wayIn($job).'/proposals', ['key' => $down, 'take' => 'no']);
        $this->send($this->wayIn($job).'/proposals', ['take' => 'all']);
        $property = $this->job()->property();
        self::assertContains(
            'cast_iron',
            array_map(
                static fn (Pipe $pipe) => Source::Seen === $pipe->materialSource ? $pipe->material->value : '',
                $property->sketch()->pipes,
            ),
        );
        self::assertTrue($property->hasTurnedDown($down));
        self::assertNotContains($down, self::keys($this->get($this->wayIn($job))));
    }

    public function testARunThatTheRodEndedOffersItsFrictionAsTheToolsOwn(): void
    {
        $job = $this->job();
        $yard = $job->openings()[0];
        $tool = self::getContainer()->get(Kit::class)->of($job->firm)[1];
        $property = $job->property();
        $pipe = $property->sketch()->pipes['glaze-join+'];
        $property->draw(
            $property->sketch()->withPipe(
                $pipe->with(
                    bends: array_map(static fn (float $at) => new \Jurvex\Core\Sketch\PipeBend($at, 90.0, 150.0), [1.0, 4.0, 8.0, 12.0]),
                ),
            ),
        );
        $details = new RunDetails();
        [$details->rig, $details->waterOn] = [$tool->id.'-0', true];
        $run = new Run(Id::fresh(), $job, $yard, new \DateTimeImmutable(), $details);
        $run->end(EndReason::Jammed, 17.0, '', new \DateTimeImmutable());
        $finding = Finding::read(
            new Input(['id' => Id::fresh(), 'kind' => 'cannot_go_further', 'from_m' => 17.0, 'facts' => ['cause' => 'rod_jammed']]),
        );
        array_map($this->manager()->persist(...), [$run, new LoggedFinding($finding->id, $run, $finding, new \DateTimeImmutable())]);
        $this->manager()->flush();
        $page = $this->get($this->wayIn($job).'/reach');
        self::assertMatchesRegularExpression('/A friction of (\d\.\d\d) explains it; the kit says 0\.28/', $page->filter('.offer')->text());
        $this->browser->submit($page->filter('.offer form')->form());
        $this->manager()->clear();
        $learned = self::getContainer()->get(Kit::class)->of($this->job()->firm)[1]->details()->frictionWet;
        self::assertNotSame(0.28, $learned);
        self::assertCount(0, $this->get($this->wayIn($job).'/reach')->filter('.offer'), 'taken, it explains itself');
    }

    public function testTheKitIsPutRightAndAHeadWithoutItsSizeIsRefused(): void
    {
        $page = $this->get('/kit');
        self::assertCount(8, $page->filter('.kit li'));
        $form = $this->get($page->filter('.kit a')->first()->attr('href') ?? '');
        $this->fill($form, 'Save', [
            'tool_form[lengthM]' => '45 m', 'tool_form[heads][2][name]' => 'Bare head',
            'tool_form[heads][2][diameterMm]' => '30', 'tool_form[heads][2][rigidLengthMm]' => '40',
            'tool_form[heads][2][forceN]' => '3',
        ]);
        self::assertStringContainsString('45.0 m', $this->get('/kit')->filter('.kit li')->first()->text());
        self::assertStringContainsString('Bare head 30 mm', $this->get('/kit')->filter('.kit li')->first()->text());
        $refused = $this->fill(
            $this->get($page->filter('.kit a')->first()->attr('href') ?? ''),
            'Save',
            ['tool_form[frictionWet]' => '9', 'tool_form[heads][3][name]' => 'No size'],
        );
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString(
            'A friction between',
            $refused->filter('#tool_form_frictionWet')->closest('.field')?->text() ?? '',
        );
        self::assertStringContainsString(
            'Between 1 and 1000 mm',
            $refused->filter('#tool_form_heads_3_diameterMm')->closest('.field')?->text() ?? '',
        );
        $this->signIn(self::OTHER_FIRM);
        $this->get($page->filter('.kit a')->first()->attr('href') ?? '');
        self::assertSame(404, $this->statusCode());
    }

    public function testEveryBenchSaysWhatIsMissingBeforeItCanHelp(): void
    {
        $job = $this->job('Boat');
        self::assertStringContainsString('Start the line map', $this->get($this->wayIn($job))->filter('.bench')->text());
        self::assertStringContainsString('First sketch the line', $this->get($this->wayIn($job).'/stoppage')->filter('.bench')->text());
        self::assertStringContainsString('First sketch the line', $this->get($this->wayIn($job).'/reach')->filter('.bench')->text());
        $this->send($this->wayIn($job).'/add/'.Id::fresh(), ['what' => 'fixture:sink', 'at' => 'main']);
        self::assertStringContainsString(
            'Put an opening on the line map first',
            $this->get($this->wayIn($job).'/reach')->filter('.bench')->text(),
        );
        self::assertStringContainsString(
            'not on the line map',
            $this->get($this->wayIn($job).'/openings')->filter('.opening-list')->text(),
        );
        self::assertStringContainsString(
            'No opening is on the map',
            $this->get($this->wayIn($job).'/openings')->filter('#numbers')->text(),
        );
        foreach (self::getContainer()->get(Kit::class)->of($job->firm) as $tool) {
            $this->send('/kit/'.$tool->id.'/withdraw', []);
        }
        self::assertStringContainsString('The firm has no tool yet', $this->get($this->wayIn($job).'/reach')->filter('.bench')->text());
        $this->browser->submit($this->get('/kit')->selectButton('Take the usual tools')->form());
        self::assertCount(8, $this->browser->followRedirect()->filter('.kit li'));
    }

    public function testAnOpeningIsPutOnTheMapByItsOwnFormAndTheMapKnowsItFromThenOn(): void
    {
        $job = $this->job('Boat');
        $sink = Id::fresh();
        $this->send($this->wayIn($job).'/add/'.$sink, ['what' => 'fixture:sink', 'at' => 'main']);
        $opening = $this->job('Boat')->openings()[0];
        $page = $this->get($this->wayIn($job).'/openings/'.$opening->id);
        $this->fill($page, 'Save', [
            'opening_form[on]' => $sink.'-pipe', 'opening_form[sizeMm]' => '50', 'opening_form[trap]' => true,
            'opening_form[leave]' => 'asked', 'opening_form[askedWhom]' => 'Harl',
            'opening_form[askedOn]' => '2031-05-14',
        ]);
        $job = $this->job('Boat');
        $mouth = $job->property()->sketch()->nodes[$opening->id]->mouth;
        self::assertSame([50.0, Source::Measured, true, false], [
            $mouth?->size->value,
            $mouth?->size->source,
            $mouth?->trap,
            $mouth?->leave,
        ]);
        $advice = $this->get($this->wayIn($job).'/openings')->filter('#numbers')->text();
        foreach ([
            'smaller than the line it serves',
            'a trap stands in it',
            'leave to use it is missing',
            'Check the local code',
        ] as $words) {
            self::assertStringContainsString($words, $advice);
        }
        self::assertStringContainsString('asked, no answer (Harl, ', $this->browser->getCrawler()->filter('.blocker')->text());
        // It stands on the map under its own identifier.
        $this->fill($this->get($this->wayIn($job).'?at='.$opening->id), 'Save', ['opening_form[leave]' => 'given']);
        self::assertResponseRedirects($this->wayIn($job).'?at='.$opening->id);
        self::assertTrue($this->job('Boat')->property()->sketch()->nodes[$opening->id]->mouth?->leave);
    }

    public function testWhatWasSeenAtAPlaceThatIsTakenOffTheMapNoLongerCounts(): void
    {
        $job = $this->job();
        $before = $this->get($this->wayIn($job).'/stoppage')->filter('.likeliest')->text();
        $this->send($this->wayIn($job).'/stoppage/test', ['run' => 'kitchen', 'watched' => 'glaze', 'answer' => 'nothing']);
        $this->send($this->wayIn($job).'/remove/kitchen', []);
        $page = $this->get($this->wayIn($job).'/stoppage');
        self::assertSame(200, $this->statusCode());
        self::assertStringNotContainsString('Kitchen', $page->filter('.bench')->text());
        self::assertNotSame($before, $page->filter('.likeliest')->text());
        $this->send($this->wayIn($job).'/undo', []);
        self::assertStringContainsString(
            'Kitchen',
            $this->get($this->wayIn($job).'/stoppage')->filter('.bench')->text(),
            'undone, it counts again',
        );
    }

    public function testAPhoneGetsADrawingOfItsOwnWidth(): void
    {
        $job = $this->job();
        self::assertStringStartsWith('0 0 820 ', (string) $this->get($this->wayIn($job))->filter('svg.plan')->attr('viewBox'));
        $this->browser->getCookieJar()->set(new \Symfony\Component\BrowserKit\Cookie('narrow', '1'));
        self::assertStringStartsWith('0 0 344 ', (string) $this->get($this->wayIn($job))->filter('svg.plan')->attr('viewBox'));
    }

    public function testAWornToolIsOutOfUseUntilItIsRepaired(): void
    {
        $job = $this->job('Camp');
        $tool = self::getContainer()->get(Kit::class)->of($job->firm)[0];
        self::assertStringContainsString('Stiff rod', $this->get($this->wayIn($job).'/reach')->filter('#reach-tool')->text());
        $page = $this->get('/kit/'.$tool->id);
        $this->browser->submit($page->selectButton('Kink')->form());
        self::assertStringContainsString('Out of use since', $this->browser->followRedirect()->filter('.kit')->text());
        self::assertStringNotContainsString('Stiff rod', $this->get($this->wayIn($job).'/reach')->filter('#reach-tool')->text());
        $this->browser->submit($this->get('/kit')->selectButton('Repaired')->form());
        self::assertStringContainsString('Stiff rod', $this->get($this->wayIn($job).'/reach')->filter('#reach-tool')->text());
    }

    public function testTheHouseRulesForOpeningsAndTriageAreTheOfficesAndMustBePossible(): void
    {
        $this->send('/settings/way-in', ['access' => ['spacing_m' => '20', 'turn_deg' => '90', 'size_percent' => '100']]);
        self::assertSame(403, $this->statusCode());
        $this->signIn(self::OFFICE);
        $page = $this->get('/settings/way-in');
        $this->fill($page, 'Keep', [
            'access[spacing_m]' => '40',
            'triage[rows][lowest][backs_up]' => '0.70',
            'triage[rows][lowest][slow]' => '0.22',
        ]);
        self::assertResponseRedirects();
        $firm = $this->job()->firm;
        self::assertSame([40.0, 0.70], [$firm->accessRules()->spacing, $firm->triageTables()->rows['lowest']['backs_up']]);
        $refused = $this->fill($this->get('/settings/way-in'), 'Keep', ['triage[rows][elsewhere][drains]' => '0.5']);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('must sum to one', $refused->filter('#triage-rows-elsewhere-drains')->closest('fieldset')?->text() ?? '');
        self::assertSame('0.5', $refused->filter('#triage-rows-elsewhere-drains')->attr('value'));
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

    /** @return list<string> */
    private static function keys(Crawler $page): array
    {
        return array_values(
            array_map(
                static fn (mixed $key) => \is_string($key) ? $key : '',
                $page->filter('.proposals input[name=key]')->extract(['value']),
            ),
        );
    }

    private function wayIn(Job $job): string
    {
        return '/jobs/'.$job->id.'/way-in';
    }

    public function testTwoRunsThatMetAtATieInAreTiedTogetherOnTheMap(): void
    {
        $this->signIn();
        $job = $this->job('Cooperage');
        $page = $this->get('/jobs/'.$job->id.'/way-in');
        self::assertStringContainsString('two cameras met at its tie-in, 8.0 m', $page->filter('.proposals')->text());
        $met = $page->filter('.proposals li')->reduce(static fn (Crawler $proposal) => str_contains($proposal->text(), 'two cameras met'));
        $this->browser->submit($met->filter('button')->first()->form());
        $this->browser->followRedirect();
        $sketch = $this->job('Cooperage')->property()->sketch();
        $side = array_values(array_filter($sketch->pipes, static fn (Pipe $pipe) => Source::Proved === $pipe->tied));
        self::assertSame(['steam box'], array_map(static fn (Pipe $pipe) => $pipe->proof, $side));
        self::assertStringNotContainsString('two cameras met', $this->get('/jobs/'.$job->id.'/way-in')->filter('main')->text());
    }
}
