<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\KitTool;
use App\Record\LoggedFinding;
use App\Record\Run;
use App\Record\RunDetails;
use App\Record\Zero;
use App\Support\Database\Id;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Sketch\Pipe;
use PHPUnit\Framework\Attributes\Group;

/** What the Look bench knows by itself: the camera of the kit, what a run begins with, and how it ends. */
#[Group('any-database')]
final class LookBenchTest extends ApplicationTestCase
{
    public function testTheDepthAndTheFallAreReadWithTheHeadAndTheReelOfTheKit(): void
    {
        $this->signIn();
        $run = $this->freshRun();
        $look = '/jobs/'.$run->job->id.'/look/runs/'.$run->id;
        self::assertSame(19, $this->depth($look), 'the house\'s head, 38 mm');
        $tool = $this->rod();
        $form = $this->get('/kit/'.$tool->id)->selectButton('Save')->form();
        $name = $form->getName();
        $form->setValues([
            $name.'[heads][0][skidMm]' => '90', $name.'[heads][0][windowMm]' => '30', $name.'[tiltStepDeg]' => '0.2',
        ]);
        $this->browser->submit($form);
        self::assertResponseRedirects('/kit');
        $run = $this->fresh($run);
        $details = clone $run->details();
        $details->rig = $tool->id.'-0';
        $run->describe($details);
        $this->manager()->flush();
        self::assertSame(45, $this->depth($look), 'half of what it is over its skid');
        self::assertStringContainsString('Lens at half of 90 mm', $this->get('/jobs/'.$run->job->id.'/look')->filter('.entry')->text());
        $fall = $this->get($look.'/reading?reading=5&tilt=-1')->filter('.readout-fall')->text();
        self::assertStringContainsString('1.6–1.9 %: meets the minimum of 1.04 %', $fall, 'in steps of 0.2°');
        $this->browser->submit($this->get('/kit/'.$tool->id)->selectButton('Save')->form([$name.'[tiltStepDeg]' => '0']));
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('Between 0.01 and 10°.', $this->page());
    }

    public function testARunsEndKnowsWhatWasLoggedAndAsksWhereItGoesAgainstIt(): void
    {
        $this->signIn();
        $run = $this->freshRun();
        $end = '/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/end';
        self::assertNull($this->get($end)->filter('[name="run_end_form[reachedM]"]')->attr('value'), 'nothing is known yet');
        $this->send($this->findingAddress($run), ['kind' => 'crack', 'reading_from' => '9.5']);
        self::assertSame('9.5 m', $this->get($end)->filter('[name="run_end_form[reachedM]"]')->attr('value'));
        $this->send($this->findingAddress($run), ['kind' => 'tap', 'reading_from' => '18.2']);
        $form = $this->get($end)->selectButton('End the run')->form();
        $known = $form->getValues();
        self::assertSame(['18.2 m', 'main_reached'], [$known['run_end_form[reachedM]'], $known['run_end_form[reason]']]);

        $doubtful = [
            [['reason' => 'main_reached', 'reachedM' => '12'], 'was logged elsewhere'],
            [['reason' => 'cannot_pass', 'reachedM' => '18.2'], 'was logged elsewhere'],
            [['reason' => 'rod_out', 'reachedM' => '18.2'], 'still has rod'],
        ];
        foreach ($doubtful as [$said, $asked]) {
            $this->browser->submit($this->get($end)->selectButton('End the run')->form(self::fields($said)));
            self::assertResponseStatusCodeSame(422);
            self::assertStringContainsString($asked, $this->page());
            self::assertNull($this->fresh($run)->endReason());
        }
        $this->browser->submit($this->browser->getCrawler()->selectButton('End the run')->form(self::fields(['sure' => '1'])));
        self::assertSame(EndReason::RodOut, $this->fresh($run)->endReason(), 'said once more, it is so');
    }

    public function testARunThatJoinsAnotherOneHasNothingLeftToSee(): void
    {
        $this->signIn();
        $run = $this->freshRun();
        $end = '/jobs/'.$run->job->id.'/look/runs/'.$run->id.'/end';
        $joins = self::fields(['reason' => 'joins_another_run', 'reachedM' => '7']);
        $this->browser->submit($this->get($end)->selectButton('End the run')->form($joins));
        self::assertSame(EndReason::JoinsAnotherRun, $this->fresh($run)->endReason());
        self::assertTrue(EndReason::JoinsAnotherRun->isComplete());
        $judge = $this->get('/jobs/'.$run->job->id.'/judge?run='.$run->id)->filter('#bench')->text();
        self::assertStringNotContainsString('not reached', $judge);
    }

    public function testANewRunBeginsWithWhatIsKnownFromItsOwnOpening(): void
    {
        $this->signIn();
        $job = $this->job();
        $form = $this->get('/jobs/'.$job->id.'/look?start=1')->selectButton('Zero the counter and start')->form();
        $known = $form->getValues();
        self::assertSame(['cast_iron', '100 mm'], [$known['run_form[material]'], $known['run_form[boreMm]']]);
        // From another opening nothing of the line is known but what the map says without guessing.
        $other = array_values(array_filter($job->openings(), static fn ($each) => $each !== $job->chosenOpening()))[0];
        $job->chooseOpening($other, Zero::Rim, '');
        $this->manager()->flush();
        $form = $this->get('/jobs/'.$job->id.'/look?start=1')->selectButton('Zero the counter and start')->form();
        self::assertNotSame('31.4 m', $form->getValues()['run_form[expectedM]'], 'never the length of the other run');
    }

    public function testTheFirstLookDrawsTheMapAndItCanBeTakenBack(): void
    {
        $this->signIn();
        $run = $this->freshRun();
        $run->job->property()->wipe();
        $this->manager()->flush();
        $this->send($this->findingAddress($run, Id::fresh()), ['kind' => 'bend', 'reading_from' => '3', 'size' => '45']);
        $this->send($this->findingAddress($run, Id::fresh()), ['kind' => 'tie_in', 'reading_from' => '8']);
        $way = '/jobs/'.$run->job->id;
        $end = $this->get($way.'/look/runs/'.$run->id.'/end')->selectButton('End the run');
        $this->browser->submit($end->form(['run_end_form[reason]' => 'main_reached', 'run_end_form[reachedM]' => '15']));
        $this->browser->followRedirect();
        self::assertStringContainsString('this look has drawn its map', $this->page());
        $sketch = $this->fresh($run)->job->property()->sketch();
        $metres = array_map(static fn (Pipe $pipe) => $pipe->length->value, $sketch->wayDown($run->opening->id));
        self::assertEqualsWithDelta([8.0, 7.0], $metres, 1e-9, 'to the tie-in, and on to the main');
        $this->send($way.'/way-in/undo', []);
        self::assertTrue($this->fresh($run)->job->property()->sketch()->isBlank());
    }

    public function testATradeSizeIsItsTrueBoreAndThatIsSaid(): void
    {
        $this->signIn();
        $this->send('/settings/mine', ['units' => 'feet']);
        $job = $this->job();
        $form = $this->get('/jobs/'.$job->id.'/look?start=1')->selectButton('Zero the counter and start')->form();
        $this->browser->submit($form, ['run_form[material]' => 'pvc_welded', 'run_form[boreMm]' => '3']);
        $this->browser->followRedirect();
        self::assertStringContainsString('3″ PVC, solvent-welded is 3 1/8 in inside', $this->page());
        $run = $this->lastRun($this->job());
        self::assertEqualsWithDelta(78.0, $run->details()->boreMm, 1e-9);
        $this->send($this->findingAddress($run, Id::fresh()), [
            'kind' => 'transition', 'reading_from' => '12', 'size' => '4', 'facts' => ['material_after' => 'clay'],
        ]);
        self::assertStringContainsString('3 7/8 in bore (4″ pipe)', $this->get('/jobs/'.$job->id.'/look')->filter('#findings')->text());
    }

    public function testAnEntrySaysWaterAsItWasWhenItWasMade(): void
    {
        $this->signIn();
        $run = $this->freshRun();
        $run->turnWater(false, new \DateTimeImmutable('-40 minutes'));
        $this->manager()->flush();
        $id = Id::fresh();
        $this->send($this->findingAddress($run, $id), [
            'kind' => 'low_spot', 'reading_from' => '6', 'reading_to' => '4', 'size' => '30',
            'entered_at' => (string) ((time() - 30 * 60) * 1000),
        ]);
        $logged = $this->manager()->find(LoggedFinding::class, $id);
        self::assertNotNull($logged);
        self::assertSame(['off', 10.0], [$logged->facts['water'], $logged->facts['minutes_off']], 'not as it was when it came in');
        self::assertEqualsWithDelta([4.0, 6.0, 4.0], [$logged->fromM, $logged->toM, $logged->readingM], 1e-9);
    }

    private function depth(string $look): int
    {
        $this->get($look.'/lens?on=0');
        $answer = json_decode($this->page(), true);
        self::assertIsArray($answer);
        self::assertIsNumeric($answer['depth_mm']);

        return (int) $answer['depth_mm'];
    }

    private function fresh(Run $run): Run
    {
        $this->manager()->clear();

        return $this->manager()->find(Run::class, $run->id) ?? self::fail('The run is gone.');
    }

    private function rod(): KitTool
    {
        foreach ($this->manager()->getRepository(KitTool::class)->findAll() as $tool) {
            if ('Stiff rod, 60 m' === $tool->details()->name && 'Tideway Drains' === $tool->firm->name) {
                return $tool;
            }
        }
        self::fail('The demo has no rod.');
    }

    private function freshRun(): Run
    {
        $details = new RunDetails();
        $details->boreMm = 100.0;
        $job = $this->job('Wash block');
        $run = new Run(Id::fresh(), $job, $job->chosenOpening() ?? self::fail('no opening'), new \DateTimeImmutable('-1 hour'), $details);
        $this->manager()->persist($run);
        $this->manager()->flush();

        return $this->fresh($run);
    }

    /**
     * @param array<string, string> $said
     *
     * @return array<string, string>
     */
    private static function fields(array $said): array
    {
        $fields = [];
        foreach ($said as $name => $value) {
            $fields['run_end_form['.$name.']'] = $value;
        }

        return $fields;
    }
}
