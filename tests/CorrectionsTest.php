<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Account;
use App\Firm\Firm;
use App\Firm\Role;
use App\Record\CallSheet;
use App\Record\Correction;
use App\Record\Job;
use App\Record\Mark;
use App\Record\Opening;
use App\Record\OpeningDetails;
use App\Record\OpeningState;
use App\Record\Pass;
use App\Record\Property;
use App\Record\Zero;
use App\Support\Database\Id;
use Jurvex\Core\Input\BadInput;
use Jurvex\Core\Judge\School;

/** Putting entries right afterwards; nothing leaves the record. */
final class CorrectionsTest extends ApplicationTestCase
{
    public function testAPassIsCorrectedAndTakenBackAndStaysInTheRecord(): void
    {
        $this->signIn();
        $job = $this->job();
        $clear = '/jobs/'.$job->id.'/clear';
        $passes = $job->passes();
        $pass = end($passes);
        self::assertInstanceOf(Pass::class, $pass);
        $page = $this->get($clear.'/passes/'.$pass->id);
        self::assertSame('31.0 m', $page->filter('#pass_form_inM')->attr('value'));
        $this->fill($page, 'Log the pass', ['pass_form[inM]' => '30.4']);
        self::assertStringContainsString('0.0–30.4 m', $this->browser->followRedirect()->filter('.entries')->text());
        self::assertSame([['details.inM' => [31.0, 30.4]]], $this->kept($pass->id));

        $this->send($clear.'/passes/'.$pass->id.'/withdraw', []);
        self::assertStringNotContainsString('30.4', $this->get($clear)->filter('.entries')->text());
        $this->manager()->clear();
        self::assertNotNull($this->manager()->find(Pass::class, $pass->id)?->withdrawnAt());
    }

    public function testAnOpeningThatIsTakenBackIsNotTheChosenOneAnyMore(): void
    {
        $this->signIn();
        $job = $this->job('Wash block');
        $opening = $job->chosenOpening();
        self::assertNotNull($opening);
        $this->fill($this->get('/jobs/'.$job->id.'/way-in/openings/'.$opening->id), 'Save', [
            'opening_form[sizeMm]' => '12 in',
            'opening_form[state]' => 'stuck',
        ]);
        self::assertStringContainsString('305 mm', $this->browser->followRedirect()->filter('.opening')->text());
        $this->send('/jobs/'.$job->id.'/way-in/openings/'.$opening->id.'/withdraw', []);
        self::assertNull($this->job('Wash block')->chosenOpening());
        self::assertStringContainsString('First choose the opening', $this->get('/jobs/'.$job->id.'/look')->filter('.bench')->text());
    }

    public function testAMarkIsTakenAgain(): void
    {
        $this->signIn();
        $job = $this->job();
        $mark = $this->manager()->getRepository(Mark::class)->findOneBy(['run' => $this->lastRun($job)], ['id' => 'ASC']);
        self::assertNotNull($mark);
        $page = $this->get('/jobs/'.$job->id.'/mark/'.$mark->id);
        $this->fill($page, 'Save', ['mark_form[depthsM][0]' => '1.0', 'mark_form[depthsM][1]' => '1.4', 'mark_form[depthsM][2]' => '']);
        $list = $this->browser->followRedirect()->filter('.mark-poor');
        self::assertStringContainsString('1.2 m deep, spread 0.4 m · not good enough to dig: fewer than three readings', $list->text());
        $this->send('/jobs/'.$job->id.'/mark/'.$mark->id.'/withdraw', []);
        self::assertCount(2, $this->get('/jobs/'.$job->id.'/mark')->filter('.mark'));
    }

    public function testMetalOrWaterOverTheHeadSpoilsEvenAgreeingDepths(): void
    {
        $this->signIn();
        $job = $this->job();
        foreach (['water', 'metal'] as $over) {
            $this->fill($this->get('/jobs/'.$job->id.'/mark'), 'Save the mark', [
                'mark_form[atM]' => '3',
                'mark_form[depthsM][0]' => '1.2',
                'mark_form[depthsM][1]' => '1.2',
                'mark_form[overHead]' => $over,
            ]);
            self::assertStringContainsString('not good enough to dig', $this->browser->followRedirect()->filter('.marks')->text(), $over);
        }
    }

    public function testARunGoesOnAfterItsEndAndItsSetUpIsCorrected(): void
    {
        $this->signIn();
        $run = $this->lastRun($this->job());
        $address = '/jobs/'.$run->job->id.'/look/runs/'.$run->id;
        $this->send($address.'/go-on', []);
        self::assertNull($this->lastRun($this->job())->endReason());
        self::assertStringContainsString('Still running', $this->get('/')->filter('.day-side')->text());
        $page = $this->get($address);
        self::assertCount(0, $page->filter('[name="run_form[opening]"]'), 'a run stays with its opening');
        $this->fill($page, 'Save', ['run_form[boreMm]' => '150', 'run_form[zeroNote]' => 'at the collar']);
        self::assertSame([150.0, 'at the collar'], [
            $this->lastRun($this->job())->details()->boreMm,
            $this->lastRun($this->job())->details()->zeroNote,
        ]);
    }

    public function testAnotherRunMayStartFromAnotherOpening(): void
    {
        $this->signIn();
        $job = $this->job();
        $vent = $job->openings()[1];
        $this->fill($this->get('/jobs/'.$job->id.'/look?start=1'), 'Zero the counter and start', [
            'run_form[opening]' => $vent->id,
            'run_form[zero]' => 'rim',
        ]);
        $run = $this->lastRun($this->job());
        self::assertSame([$vent->id, Zero::Rim], [$run->opening->id, $run->details()->zero]);
    }

    public function testAnOpeningThatIsNoGoodIsAFindingOfItsOwn(): void
    {
        $this->signIn();
        $job = $this->job();
        $row = $this->get('/jobs/'.$job->id.'/judge')->filter('.judgements > li')->last()->text();
        self::assertStringStartsWith('Mend', $row);
        self::assertStringContainsString('Floor drain by the sink', $row);
        self::assertStringContainsString('Floor drain: too small', $this->get('/jobs/'.$job->id.'/report')->text());
    }

    public function testTheEntitiesGuardThemselves(): void
    {
        $firm = new Firm('Guard', 'Europe/Lisbon');
        $job = new Job(Id::fresh(), new Property(Id::fresh(), $firm, 'Here'), new CallSheet(), new \DateTimeImmutable(), 'Guard');
        $other = new Job(Id::fresh(), new Property(Id::fresh(), $firm, 'Here'), new CallSheet(), new \DateTimeImmutable(), 'Guard');
        $refused = static function (\Closure $work): ?string {
            try {
                $work();
            } catch (\Exception $error) {
                return $error::class;
            }

            return null;
        };
        self::assertSame(
            \DomainException::class,
            $refused(static fn () => $job->chooseOpening(new Opening(Id::fresh(), $other, new OpeningDetails()), Zero::Foot, '')),
        );
        self::assertSame(BadInput::class, $refused(static fn () => $job->judgeBy(School::Upkeep, null)));
        self::assertSame(
            BadInput::class,
            $refused(static fn () => $firm->adopt(School::Grade, School::Source, ['low_spot_deep_mm' => -1.0])),
        );
        self::assertSame(School::Carrying, $firm->rules()->water, 'and stay as they were');
        self::assertNotNull($refused(static fn () => new Firm('Nowhere', 'Mars/Olympus')));
        self::assertSame(['ROLE_OFFICE'], (new Account($firm, 'a@b.example', 'A', Role::Office))->getRoles());
        self::assertSame('mend', OpeningState::Missing->need()->value);
    }

    /** @return list<array<string, mixed>> what corrections of an entry changed, oldest first */
    private function kept(string $entry): array
    {
        $this->manager()->clear();

        return array_map(
            static fn (Correction $correction) => $correction->changes,
            $this->manager()->getRepository(Correction::class)->findBy(['entryId' => $entry], ['id' => 'ASC']),
        );
    }
}
