<?php

declare(strict_types=1);

namespace App\Tests;

use App\Firm\Jetter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** Plans, the jet bench and the gates by the pages' own forms, and round them. */
#[Group('any-database')]
final class JetBenchTest extends ApplicationTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testTheBenchAnswersWithPressureThrustAndWhatIsWrong(): void
    {
        $job = $this->job('Wash block');
        $bench = '/jobs/'.$job->id.'/clear/bench';
        $page = $this->get($bench);
        self::assertMatchesRegularExpression(
            '/At the nozzle\d+ bar/',
            str_replace(' bar', ' bar', preg_replace('/\s+(?=\d)/', '', $page->filter('.readings-row')->text()) ?? ''),
        );
        self::assertCount(7, $page->filter('.orifice, .orifice-front'));
        $wide = $page->selectButton('Save as our jetter')->form()->getPhpValues();
        unset($wide['_token']);
        \assert(\is_array($wide['nozzle']) && \is_array($wide['nozzle']['orifices']) && \is_array($wide['nozzle']['orifices'][0]));
        $wide['nozzle']['orifices'][0]['diameter_mm'] = '1,6';
        $answer = $this->get($bench.'?'.http_build_query($wide));
        self::assertStringContainsString('Less than half of the pressure arrives.', $answer->filter('#bench-out')->text());
        self::assertMatchesRegularExpression(
            '/The orifices are too large for this pump\. .*Orifices of 0\.\d{3} mm would suit/', $answer->filter('.bench-pressure')->text(),
        );
        $wide['nozzle']['orifices'][1] = ['count' => '40', 'diameter_mm' => '0.8', 'angle_deg' => '180'];
        self::assertStringContainsString(
            'The front jets outweigh the rear ones.',
            $this->get($bench.'?'.http_build_query($wide))->filter('#bench-out')->text(),
        );
    }

    public function testANozzleClassPutsInItsUsualOrificesForThisPump(): void
    {
        $job = $this->job('Wash block');
        $bench = '/jobs/'.$job->id.'/clear/bench';
        $values = $this->get($bench)->selectButton('Save as our jetter')->form(['usual' => 'free_spinner'])->getPhpValues();
        $page = $this->get($bench.'?'.http_build_query($values));
        self::assertSame(
            ['2', '1.4', '45'],
            array_map(
                static fn (string $of) => $page->filter('#nozzle-orifices-0-'.$of)->attr('value'), ['count', 'diameter_mm', 'angle_deg'],
            ),
        );
        self::assertStringContainsString('It leaks past what turns.', $page->filter('.bench-pressure')->text());
        self::assertCount(2, $page->filter('.orifice'));
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function badBenches(): array
    {
        return [
            'no flow' => [['pump' => ['flow_l_min' => '0', 'max_pressure_bar' => '100']], 'Flow'],
            'a hose of nothing' => [['hoses' => [['bore_mm' => '-1', 'length_m' => '20']]], 'Inside'],
            'a word' => [['hoses' => [['bore_mm' => '9.5', 'length_m' => 'long']]], 'Length'],
            'no orifice' => [['nozzle' => ['orifices' => [['count' => '', 'diameter_mm' => '1', 'angle_deg' => '0']]]], 'Orifices'],
            'a ring that fills the bore' => [['deposit_mm' => '60'], 'Deposit ring'],
        ];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badBenches')]
    public function testABenchThatCannotBeSaysWhereAndIsNotKept(array $change, string $field): void
    {
        $job = $this->job('Wash block');
        $bench = '/jobs/'.$job->id.'/clear/bench';
        $values = $this->get($bench)->selectButton('Save as our jetter')->form()->getPhpValues();
        /** @var array<string, mixed> $fields */
        $fields = $change + $values;
        $this->send($bench, $fields);
        self::assertSame(422, $this->statusCode());
        self::assertStringContainsString('look at "'.$field.'"', $this->browser->getCrawler()->filter('#bench-out .error')->text());
        self::assertSame([], $this->job('Wash block')->firm->jetter());
    }

    public function testTheFirmsJetterIsKept(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/bench'), 'Save as our jetter', [
            'pump[flow_l_min]' => '30',
            'hoses[0][length_m]' => '40',
        ]);
        self::assertSame('30', $this->browser->followRedirect()->filter('#pump-flow_l_min')->attr('value'));
        self::assertStringContainsString(
            'the jetter has 30 L/min',
            $this->get('/jobs/'.$job->id.'/clear/plan')->filter('#numbers')->text(),
        );
    }

    public function testTheBenchSaysHowFarTheHosePullsItselfInThisLine(): void
    {
        $job = $this->job('Wash block');
        $page = $this->get('/jobs/'.$job->id.'/clear/bench');
        self::assertMatchesRegularExpression('/Pulls itself in this line \d+\.\d+ m from the rim/', $page->filter('.bench-facts')->text());
        self::assertStringContainsString('Expected from Chamber at the path', $page->filter('.ribbon-caption')->text());
        self::assertCount(1, $page->filter('.ribbon .pass'));
    }

    /** @return array<string, array{array<string, string>, string}> what is typed on the bench, and what it says */
    public static function benchWarnings(): array
    {
        return [
            'a trap hose over its limit' => [
                ['hoses[1][bore_mm]' => '6', 'hoses[1][rated_bar]' => '80'],
                'A trap hose and its head have limits of their own',
            ],
            'hot water' => [['water_c' => '85'], 'The water is too hot for this hose.'],
            'a small tank' => [['tank[tank_l]' => '100', 'tank[refill_l_min]' => '0'], 'The tank runs dry before the work is done.'],
            'half the flow in the bucket' => [['measured_l_min' => '20', 'gauge_bar' => '150'], 'An orifice is blocked.'],
            'a cold night' => [['night_c' => '-10'], 'with 30 % antifreeze'],
            'a night too cold for any mixture' => [['night_c' => '-45'], 'colder than any mixture stands'],
        ];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('benchWarnings')]
    public function testTheBenchWarnsOfLimitsAndOfWhatIsMeasured(array $typed, string $says): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'hard_object',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12 m',
        ]);
        $page = $this->get('/jobs/'.$job->id.'/clear/bench');
        self::assertStringNotContainsString($says, $page->filter('#bench-out')->text());
        $this->browser->request('GET', '/jobs/'.$job->id.'/clear/bench', [
            ...$page->selectButton('Save as our jetter')->form($typed)->getPhpValues(),
        ]);
        self::assertStringContainsString($says, $this->browser->getCrawler()->filter('#bench-out')->text());
    }

    public function testAJetterThatWasKeptWithOneRatingForAllHosesStillWarns(): void
    {
        $job = $this->job('Wash block');
        $job->firm->keepJetter([
            ...Jetter::USUAL,
            'hoses' => [['bore_mm' => 12.7, 'length_m' => 60.0], ['bore_mm' => 9.5, 'length_m' => 3.0]],
            'rated_bar' => 100.0,
        ]);
        $this->manager()->flush();
        $page = $this->get('/jobs/'.$job->id.'/clear/bench');
        self::assertStringContainsString('The hose is rated below this pressure.', $page->filter('#bench-out')->text());
        self::assertSame('100', $page->filter('#hoses-0-rated_bar')->attr('value'));
        $this->fill($page, 'Save as our jetter', ['hoses[0][rated_bar]' => '200', 'hoses[1][rated_bar]' => '200', 'night_c' => '-3']);
        self::assertResponseRedirects();
        $page = $this->browser->followRedirect();
        self::assertStringNotContainsString('rated below', $page->filter('#bench-out')->text());
        self::assertSame('', $page->filter('#night_c')->attr('value'), 'tonight is not kept');
    }

    public function testTheBenchTellsRefillsAndWhereTheHoseIsMarked(): void
    {
        $job = $this->job('Wash block');
        $this->fill($this->get('/jobs/'.$job->id.'/clear/plan'), 'Work out the plans', [
            'clearing_form[blockage]' => 'hard_grease',
            'clearing_form[nearM]' => '9',
            'clearing_form[farM]' => '12',
        ]);
        $facts = $this->get('/jobs/'.$job->id.'/clear/bench')->filter('.bench-facts')->text();
        // Through 9 m and back over 10 m at 0.6 m/min, 53 m of other ways at 6 m/min: 40.5 min at 45 L/min;
        // a tank lasts (500 − 50) / (45 − 10) = 12.9 min.
        self::assertStringContainsString('3 refills for 41 min and 1823 L', $facts);
        self::assertStringContainsString(
            '3.0 m behind the nozzle, so that its return is seen; at 9.9 m for the stoppage and 18.9 m',
            $facts,
            '0.9 m of drop',
        );
    }

    public function testWhoThinksInFeetHasPsiAndGallonsAndKeepsTheSameJetter(): void
    {
        $this->signIn(self::OTHER_FIRM);
        $bench = '/jobs/'.$this->job('Sail')->id.'/clear/bench';
        $page = $this->get($bench);
        $text = $page->filter('#bench')->text();
        self::assertDoesNotMatchRegularExpression('#\d (bar|N|L|kW|m/min|L/min|°C)\b#u', $text);
        self::assertMatchesRegularExpression('#\d psi .*\d lbf .*US gpm#u', $text);
        self::assertSame('2610.7', $page->filter('#pump-max_pressure_bar')->attr('value'));
        $this->browser->submit($page->selectButton('Save as our jetter')->form());
        $kept = $this->job('Sail')->firm->jetter();
        \assert(\is_array($kept['pump']));
        self::assertEqualsWithDelta(180.0, $kept['pump']['max_pressure_bar'], 2e-3);
    }
}
