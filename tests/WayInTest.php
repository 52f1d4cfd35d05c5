<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Kit;
use App\Record\Job;
use App\Record\LoggedFinding;
use App\Record\Run;
use App\Record\RunDetails;
use App\Support\Database\Id;
use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Input\Input;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\Source;
use Symfony\Component\DomCrawler\Crawler;

/** The line map, triage, openings and reach by the pages' own forms. */
final class WayInTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
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
        self::assertStringContainsString(
            'Between 6.2 m and 8.6 m from Yard cleanout by the kiln shed: PVC, solvent-welded, 102 mm. Map: clay, 100 mm, told.',
            $page->filter('.proposals')->text(),
        );
        self::assertMatchesRegularExpression('/Seen: \d+\.\d+ m of 45\.6 m/', $page->filter('#numbers')->text());
        $keys = self::keys($page);
        $down = array_values(array_filter($keys, static fn (string $key) => str_contains($key, 'pvc_welded')))[0];
        $this->send($this->wayIn($job).'/proposals', ['keys' => [$down], 'take' => 'no']);
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
        $this->fill($page, 'Save', [
            'access[spacing_m]' => '40',
            'triage[rows][lowest][backs_up]' => '0.70',
            'triage[rows][lowest][slow]' => '0.22',
        ]);
        self::assertResponseRedirects();
        $firm = $this->job()->firm;
        self::assertSame([40.0, 0.70], [$firm->accessRules()->spacing, $firm->triageTables()->rows['lowest']['backs_up']]);
        $refused = $this->fill($this->get('/settings/way-in'), 'Save', ['triage[rows][elsewhere][drains]' => '0.5']);
        self::assertSame(422, $this->statusCode());
        $field = $refused->filter('#triage-rows-elsewhere-drains');
        self::assertStringContainsString('must sum to one', $field->closest('fieldset')?->text() ?? '');
        self::assertSame('0.5', $refused->filter('#triage-rows-elsewhere-drains')->attr('value'));
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

    /** @return list<string> */
    private static function keys(Crawler $page): array
    {
        return array_values(
            array_map(
                static fn (mixed $key) => \is_string($key) ? $key : '',
                $page->filter('.proposals input[name="keys[]"]')->extract(['value']),
            ),
        );
    }

    private function wayIn(Job $job): string
    {
        return '/jobs/'.$job->id.'/way-in';
    }
}
