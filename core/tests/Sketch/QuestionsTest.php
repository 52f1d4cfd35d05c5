<?php

declare(strict_types=1);

namespace Jurvex\Core\Tests\Sketch;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Kind;
use Jurvex\Core\Finding\Material;
use Jurvex\Core\LineMap\Faces;
use Jurvex\Core\Measure\Length;
use Jurvex\Core\Run\EndReason;
use Jurvex\Core\Run\RunRecord;
use Jurvex\Core\Run\Travel;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\MappedRun;
use Jurvex\Core\Sketch\Mouth;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\Proposal;
use Jurvex\Core\Sketch\Proposals;
use Jurvex\Core\Sketch\Question;
use Jurvex\Core\Sketch\Questions;
use Jurvex\Core\Sketch\Sketch;
use Jurvex\Core\Sketch\Source;
use Jurvex\Core\Tests\RunBuilder;
use PHPUnit\Framework\TestCase;

/** What the cameras saw comes to the map as few plain questions. */
final class QuestionsTest extends TestCase
{
    public function testTwoLooksThatDoNotAgreeAreOneChoice(): void
    {
        $questions = self::asked(self::look(12.0, Material::Clay, 100.0), self::look(12.4, Material::CastIron, 102.0));
        self::assertSame([['length', 'length'], ['fabric', 'fabric']], self::codes($questions));
        foreach ($questions as $question) {
            self::assertTrue($question->isChoice());
            self::assertFalse((new Question([$question->offers[0]]))->isChoice());
            self::assertFalse((new Question($question->offers, true))->isChoice());
        }
        [$one, $other] = $questions[1]->offers;
        self::assertSame(['clay', 'cast_iron'], [$one->values['material'], $other->values['material']]);
        self::assertSame('cast_iron', $other->acceptedIn(self::line())->pipes['line']->material->value);
    }

    public function testWhatLaterLooksSayAgainIsAskedOnce(): void
    {
        $again = self::asked(self::look(12.0, Material::Clay, 100.0), self::look(12.06, Material::Clay, 103.0));
        self::assertSame([['length'], ['fabric']], self::codes($again));
        self::assertSame([12.06, 103.0], [$again[0]->offers[0]->values['length_m'], $again[1]->offers[0]->values['bore_mm']], 'the newest');
        $shorter = self::asked(self::look(12.0, Material::Clay, 100.0), self::look(6.0, Material::Clay, 100.0, EndReason::RodOut));
        self::assertSame([['length'], ['fabric']], self::codes($shorter));
        self::assertSame(12.0, $shorter[1]->offers[0]->values['to_m'], 'the one that saw more');
        $bent = self::asked(
            self::look(12.0, Material::Clay, 100.0, EndReason::MainReached, [45.0]), self::look(12.0, Material::Clay, 100.0),
        );
        self::assertSame(1.0, $bent[1]->offers[0]->values['count'], 'the one that saw the bend');
    }

    public function testOneTieInSeenTwiceIsOne(): void
    {
        foreach ([[4.5, 1], [4.7, 2]] as [$other, $many]) {
            $looks = array_map(static fn (float $at) => self::pushed([RunBuilder::finding(Kind::TieIn, $at)], 12.0), [4.0, $other]);
            $codes = array_merge(...self::codes(self::asked(...$looks)));
            self::assertCount($many, array_keys($codes, 'tie_in', true), (string) $other);
        }
    }

    public function testWhatOnlyConfirmsTheMapIsOneQuestionAtTheEnd(): void
    {
        $known = self::line(Material::Clay, 100.0);
        $look = self::look(10.0, Material::Clay, 102.0);
        $questions = self::asked($look, on: $known);
        self::assertSame([['length', 'fabric']], self::codes($questions));
        self::assertTrue($questions[0]->confirms);
        self::assertFalse($questions[0]->isChoice());
        $after = array_reduce(
            $questions[0]->offers, static fn (Sketch $sketch, Proposal $offer) => $offer->acceptedIn($sketch), $known,
        );
        self::assertSame(
            [Source::Seen, Source::Seen, 10.0],
            [$after->pipes['line']->length->source, $after->pipes['line']->materialSource, $after->pipes['line']->length->value],
        );
        self::assertSame([], self::asked($look, on: $after), 'and then nothing more');
        $mixed = self::asked(self::look(10.0, Material::Copper, 102.0), on: $known);
        self::assertSame([['fabric'], ['length']], self::codes($mixed), 'what is other comes first');
    }

    /** @param list<float> $bends in degrees */
    private static function look(
        float $reached, Material $material, float $bore, EndReason $ended = EndReason::MainReached, array $bends = [],
    ): RunRecord {
        $findings = array_map(static fn (float $degrees) => RunBuilder::finding(Kind::Bend, 2.0, ['size' => $degrees]), $bends);

        return self::pushed($findings, $reached, $material, $bore, $ended);
    }

    /** @param list<Finding> $findings */
    private static function pushed(
        array $findings, float $reached, Material $material = Material::Clay, float $bore = 100.0,
        EndReason $ended = EndReason::MainReached,
    ): RunRecord {
        $tap = EndReason::MainReached === $ended ? [RunBuilder::finding(Kind::Tap, $reached)] : [];

        return new RunRecord(
            [...$findings, ...$tap], $material, Length::millimetres($bore), Travel::Downstream, null, Length::metres($reached), $ended,
        );
    }

    /** @return list<Question> */
    private static function asked(RunRecord $first, ?RunRecord $second = null, ?Sketch $on = null): array
    {
        $proposals = [];
        foreach (array_filter([$first, $second]) as $i => $record) {
            array_push($proposals, ...(new Proposals($on ?? self::line(), new MappedRun('look '.$i, 'yard', 0.0, $record)))->all());
        }

        return Questions::of($proposals);
    }

    private static function line(Material $material = Material::Unknown, float $bore = 150.0): Sketch
    {
        return new Sketch(
            [Node::opening('yard', 'cleanout', '', new Mouth(new Known(100.0), Faces::Both)), Node::outlet('main')],
            [new Pipe('line', 'yard', 'main', new Known(10.0), new Known($bore), $material)],
        );
    }

    /**
     * @param list<Question> $questions
     *
     * @return list<list<string>>
     */
    private static function codes(array $questions): array
    {
        return array_map(static fn (Question $question) => array_column($question->offers, 'code'), $questions);
    }
}
