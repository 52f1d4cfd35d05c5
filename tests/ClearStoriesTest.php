<?php

declare(strict_types=1);

namespace App\Tests;

use PHPUnit\Framework\Attributes\Group;

/** Stoppages as technicians meet them, taken in as job files: what the plans say of them must be true and agree with each other. */
#[Group('any-database')]
final class ClearStoriesTest extends ApplicationTestCase
{
    private const FALL = ['value' => 1.1458, 'source' => 'measured'];

    public function testARoofVentCountsItsDropAndTakesTheSmallMachine(): void
    {
        $plan = $this->plan($this->line('Vent, Story Row', 20.0, ['bore_mm' => ['value' => 78.0, 'source' => 'measured']], 5.4)
            ->opening('Vent', ['node' => 'yard', 'kind' => 'roof_vent', 'drop_m' => 5.4, 'size_mm' => 78.0])
            ->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->clear('Vent', ['blockage' => 'soft_plug', 'near_m' => 4.0, 'far_m' => 6.0]));
        self::assertSame('4.0–6.0 m', $plan['place']);
        self::assertStringContainsString('9.4–11.4 m on cable and hose, with 5.4 m of drop', $plan['given']);
        self::assertStringContainsString('Cable needed 18.9 m', $plan['sums'], '5.4 m drop, 6 m, 6 m past it, 1.5 m tail');
        self::assertStringContainsString('A vent or a small line sets the machine', $plan['cable']);
        self::assertStringNotContainsString('Whole-head rotary', $plan['jet']);
        self::assertStringContainsString('Free spinner', $plan['jet']);
        self::assertSame('Jet the house takes this', $plan['best']);
    }

    public function testRootedIronFarDownASlopeIsLookedAtAndExposedBeforeForceWithoutATick(): void
    {
        $root = ['kind' => 'root_cords', 'from_m' => 36.0, 'size' => 40.0, 'unit' => 'percent', 'at_joint' => true];
        $plan = $this->plan($this->line('Iron, Story Row', 44.0, [
            'material' => ['value' => 'cast_iron', 'source' => 'seen'], 'down_deg' => ['value' => 9.1, 'source' => 'measured'],
        ])->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->look('Yard', [$root], 36.4, 'cannot_pass', ['material' => 'cast_iron'])
            ->clear('Yard', ['blockage' => 'dense_roots']));
        self::assertSame('36.0–44.0 m', $plan['place']);
        self::assertStringContainsString('by what the camera saw', $plan['given']);
        self::assertStringContainsString(
            'Look and expose before force. Dense roots, roots in iron seen at 36.0 m, 44.0 m away, 16 % steep on the way', $plan['caution'],
        );
        foreach (['cable', 'jet'] as $machine) {
            self::assertStringContainsString('Look with the camera 0.0–36.0 m', $plan[$machine]);
            self::assertStringContainsString('Look and expose before force.', $plan[$machine]);
            self::assertStringContainsString('roots in iron seen at 36.0 m, 44.0 m away, 16 % steep on the way, ', $plan[$machine]);
            self::assertMatchesRegularExpression('/\d+ N of \d+ N to draw the tool out/', $plan[$machine]);
        }
        self::assertStringContainsString('Weak pipe +2', $plan['risk']);
        self::assertStringNotContainsString('Whole-head rotary ·', $plan['jet'], 'no full force in it');
    }

    public function testGreaseOfACanteenIsPushedDownTheFlowAndFlushedOut(): void
    {
        $plan = $this->plan($this->line('Canteen, Story Row', 26.0, ['down_deg' => self::FALL])
            ->opening('Yard', ['node' => 'yard', 'faces' => 'downstream'])->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->clear('Yard', ['blockage' => 'hard_grease', 'near_m' => 9.0, 'far_m' => 14.0]));
        self::assertStringContainsString('in place of the inner-rotor cone', $plan['jet'], 'the kit has none');
        self::assertStringContainsString('Walls back 20.0–8.0 m · 0.6 m/min · 20 min, 900 L · house table', $plan['jet']);
        self::assertStringContainsString('Water from above 5.0 min', $plan['jet'], '2 % do not carry');
        self::assertStringContainsString('Working down the flow pushes the debris on ahead.', $plan['jet']);
        self::assertStringContainsString('Opens a hole.', $plan['does']);
        self::assertStringContainsString('Washes the wall.', $plan['does']);
        self::assertSame('Jet the house takes this', $plan['best']);
        self::assertStringContainsString($plan['minutes'].' min and '.$plan['litres'], $plan['bench'], 'the bench says the same');
    }

    public function testWipesWhereNoWaterMayGoAreTheCablesOrNobodys(): void
    {
        $story = $this->line('Wipes, Story Row', 20.0)->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane'])
            ->clear('Yard', ['blockage' => 'soft_plug', 'near_m' => 5.0, 'far_m' => 7.0, 'no_water' => true]);
        $plan = $this->plan($story);
        self::assertStringContainsString('Not here: No water may be let in.', $plan['jet']);
        self::assertSame('Cable the house takes this', $plan['best']);
        self::assertStringContainsString('After a cable on soft stuff say what was left behind.', $plan['cable']);
        self::assertStringContainsString('Yes, soon', $plan['lasts']);
    }

    public function testIceIsTheJetsAndHasItsOwnTime(): void
    {
        $plan = $this->plan($this->line('Ice, Story Row', 20.0)->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane'])
            ->clear('Yard', ['blockage' => 'ice', 'near_m' => 5.0, 'far_m' => 7.0, 'frost' => true]));
        self::assertStringContainsString('Not here: A cable does nothing for ice.', $plan['cable']);
        self::assertStringContainsString('Piercer · Line hose 13 mm, 60 m in place of the ice head', $plan['jet']);
        self::assertStringContainsString('On through 5.0–13.0 m · 0.2 m/min · 40 min', $plan['jet']);
        self::assertStringContainsString('no frozen pump or hose is started', $plan['jet']);
        self::assertStringContainsString('Opens a hole.', $plan['does'], 'a piercer melts nothing');
    }

    public function testRagsAreBroughtBackInTripsWithALooseLengthByHand(): void
    {
        $plan = $this->plan($this->line('Rags, Story Row', 30.0)->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane'])
            ->clear('Yard', ['blockage' => 'rags', 'near_m' => 18.0, 'far_m' => 19.0, 'loose_m' => 15.0]));
        self::assertStringContainsString('Sections 1 · 1 of them by hand first', $plan['sums']);
        self::assertStringContainsString('Couplings from the head 15.0 m', $plan['sums']);
        self::assertSame('Cable the house takes this', $plan['best']);
        self::assertSame(2, substr_count($plan['cable'], 'In 0.0–25.0 m'), 'two trips');
        self::assertStringContainsString('Retriever · Cable 19 mm, 45 m Bring it back whole.', $plan['cable']);
        self::assertStringContainsString('Brings it back.', $plan['does']);
        self::assertStringContainsString('It may shred', $plan['risk']);
    }

    public function testASmallMachineTakesItsTimeAndALargeOneItsWater(): void
    {
        $told = [];
        foreach (['15', '45'] as $flow) {
            $story = $this->line('Flow '.$flow.', Story Row', 20.0)
                ->opening('Yard', ['node' => 'yard'])->opening('Lane', ['node' => 'lane'])
                ->clear('Yard', ['blockage' => 'thin_roots', 'near_m' => 5.0, 'far_m' => 7.0, 'direction' => 'upstream']);
            $told[$flow] = $this->plan($story, ['pump[flow_l_min]' => $flow, 'usual' => 'braked_spinner']);
            self::assertStringContainsString($told[$flow]['minutes'].' min and '.$told[$flow]['litres'], $told[$flow]['bench']);
        }
        self::assertStringContainsString('in place of the off-centre cone', $told['15']['jet'], 'too little for a rotary');
        self::assertStringContainsString('The nozzle class wants more flow than this jetter has.', $told['15']['jet']);
        self::assertStringContainsString('Whole-head rotary · Line hose', $told['45']['jet']);
        self::assertGreaterThan((float) $told['45']['minutes'], (float) $told['15']['minutes']);
        self::assertStringContainsString('Roots that were not cut', $told['15']['lasts'], 'a spinner only washes them');
    }

    public function testWhatTheKitCannotReachIsSaidWithWhatWould(): void
    {
        $plan = $this->plan($this->line('Far, Story Row', 90.0)->opening('Yard', ['node' => 'yard'])
            ->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->clear('Yard', ['blockage' => 'thin_roots', 'near_m' => 80.0, 'far_m' => 82.0]));
        self::assertMatchesRegularExpression('/Blade: stops at 45\.0 m \(out of length\), 37\.0 m short/', $plan['cable']);
        self::assertStringContainsString('At least 37.0 m more length behind the blade.', $plan['cable']);
        self::assertMatchesRegularExpression(
            '/From Chamber at the path \d, .* gets there .*and out again/', $plan['cable'], 'from below',
        );
        self::assertSame('', $plan['best'], 'neither gets there');
        self::assertStringStartsWith('No ', $plan['gets']);
    }

    public function testAStoppageUpTheLineIsWorkedFromBelow(): void
    {
        $story = $this->line('Up, Story Row', 24.0)->opening('Lane', ['node' => 'lane', 'faces' => 'upstream'])
            ->clear('Lane', ['blockage' => 'thin_roots'])->pass('Lane', [
                'tool' => 'cable', 'head' => 'Straight head', 'in_m' => 9.5, 'out_m' => 0.0, 'felt' => ['stops_dead'],
            ]);
        $plan = $this->plan($story);
        self::assertStringContainsString('by what the tool felt', $plan['given']);
        self::assertStringStartsWith('9.5–', $plan['place']);
        self::assertStringContainsString('Working up the line, the flow carries the debris out past the opening.', $plan['jet']);
        self::assertStringNotContainsString('inner-rotor cone', $plan['jet']);
    }

    public function testWhatAnEarlierJobOfThePropertySawCountsInThePlan(): void
    {
        $seen = [
            ['kind' => 'broken_pipe', 'from_m' => 20.0], ['kind' => 'root_clump', 'from_m' => 8.0, 'size' => 40.0, 'unit' => 'percent'],
            ['kind' => 'rag', 'from_m' => 9.0],
        ];
        foreach (['on a map' => 'mapped', 'by the opening\'s name' => 'plain'] as $how => $place) {
            $story = fn () => 'mapped' === $place
                ? $this->line($place, 30.0)->opening('Yard', ['node' => 'yard']) : (new StoryBuilder($place))->opening('Yard');
            $this->plan($story()->look('Yard', $seen, 30.0)->clear('Yard', []));
            $plan = $this->plan($story()->clear('Yard', ['blockage' => 'thin_roots']));
            self::assertSame('8.0–8.0 m', $plan['place'], $how);
            self::assertStringNotContainsString('fragile pipe', $plan['jet'], 'what is beyond its way does not count');
            $plan = $this->plan($story()->clear('Yard', ['blockage' => 'scale', 'near_m' => 16.0, 'far_m' => 18.0]));
            self::assertStringContainsString('Look and expose before force. Scale, broken pipe seen at 20.0 m', $plan['caution'], $how);
            self::assertStringContainsString('No flail in a fragile pipe. broken pipe seen at 20.0 m', $plan['cable'], $how);
            $plan = $this->plan($story()->clear('Yard', ['blockage' => 'rags']));
            self::assertStringNotContainsString('9.0–9.0', $plan['place'], 'a rag of then is not the stoppage of now');
        }
    }

    /** @param array<string, mixed> $pipe what is known of it */
    private function line(string $place, float $metres, array $pipe = [], float $drop = 0.0): StoryBuilder
    {
        return (new StoryBuilder($place))->measuredLine('yard', 'lane', $metres, $pipe, [
            'drop_m' => ['value' => $drop, 'source' => 'measured'], 'bend_deg' => $drop > 0 ? 45.0 : 0.0,
        ]);
    }

    /**
     * @param array<string, string> $bench what is put right on the bench before
     *
     * @return array<string, string>
     */
    private function plan(StoryBuilder $story, array $bench = []): array
    {
        $this->signIn();
        $this->take($story);
        $clear = '/jobs/'.$story->id.'/clear/';
        if ([] !== $bench) {
            $form = $this->get($clear.'bench')->selectButton('Save as our jetter')->form($bench)->getPhpValues();
            $this->fill($this->get($clear.'bench?'.http_build_query($form)), 'Save as our jetter', []);
        }
        $page = $this->get($clear.'plan');
        $row = static fn (int $i) => $page->filter('.plan-weighed tbody tr')->eq($i)->filter('td');
        $rows = array_map(static fn (int $i) => $row($i)->first()->text().' | '.$row($i)->last()->text(), range(0, 5));
        preg_match('/(\d+) min, ([\d,]+ L)/', $page->filter('.plan-weighed')->text(), $found);
        $text = $this->get($clear.'bench')->filter('.bench-facts')->text();
        preg_match('/for (\d+) min and ([\d,]+ L)/', $text, $pumped);

        return [
            'given' => $page->filter('.plan-given summary')->text(), 'place' => $page->filter('#numbers h3')->first()->text(),
            'cable' => $page->filter('.plan-card')->first()->text(), 'jet' => $page->filter('.plan-card')->last()->text(),
            'best' => $page->filter('.plan-weighed-best')->text(''), 'sums' => $page->filter('.cable-sum')->text(),
            'gets' => $rows[0], 'does' => $rows[1], 'lasts' => $rows[2], 'risk' => $rows[5], 'bench' => $text,
            'caution' => $page->filter('.bench > .caution')->text(''),
            'minutes' => $pumped[1] ?? '', 'litres' => $found[2] ?? $pumped[2] ?? '',
        ];
    }
}
