<?php

declare(strict_types=1);

namespace App\WayIn;

use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\Proposal;
use Jurvex\Core\Sketch\Question;
use Jurvex\Core\Sketch\Sketch;
use Symfony\Contracts\Translation\TranslatorInterface;

/** Asks in plain words whether what the camera saw is taken over into the map, and says what the map has now. */
final readonly class ProposalTexts
{
    private const FABRIC = 'fabric';

    public function __construct(private WordsExtension $words, private Formatter $formatter, private TranslatorInterface $translator)
    {
    }

    /**
     * @param list<Question> $questions
     * @param array<string, string> $names of the map's parts
     *
     * @return list<QuestionText>
     */
    public function all(array $questions, Sketch $sketch, array $names, UnitSystem $units): array
    {
        $openings = \count(array_filter($sketch->nodes, static fn (Node $node) => NodeKind::Opening === $node->kind));

        return array_map(function (Question $question) use ($sketch, $names, $units, $openings): QuestionText {
            $offers = [];
            foreach ($question->offers as $offer) {
                // A distance says from which opening, where there is more than one.
                $offers[$offer->key] = $this->one($offer, $names, $openings > 1 ? $names[$offer->seenFrom] ?? '' : '', $units);
            }
            $pipe = $question->confirms ? null : $sketch->pipes[$question->offers[0]->at] ?? null;

            return new QuestionText(
                match (true) {
                    $question->confirms => $this->translator->trans('proposal.confirms', ['count' => \count($offers)]),
                    $question->isChoice() => $this->translator->trans('proposal.differ'),
                    default => '',
                },
                $offers, null === $pipe ? '' : $this->now($question->offers[0], $pipe, $units), $question->isChoice(),
            );
        }, $questions);
    }

    /**
     * @param array<string, string> $names
     * @param string $opening from which its distances count; empty where that needs no saying
     */
    private function one(Proposal $proposal, array $names, string $opening, UnitSystem $units): string
    {
        $values = $proposal->values;
        $metres = fn (string $name) => $this->formatter->distance((float) ($values[$name] ?? 0.0), $units);

        return $this->translator->trans('proposal.'.$proposal->code, [
            '%at%' => $names[$proposal->at] ?? '', '%length%' => $metres('length_m'), '%place%' => $metres('at_m'),
            '%whose%' => '' === (string) ($values['whose'] ?? '') ? $this->translator->trans('map.not_said') : (string) $values['whose'],
            '%from%' => $metres('from_m'), '%to%' => $metres('to_m'), '%what%' => $this->fabric($proposal, $units),
            '%counted%' => '' === $opening ? '' : $this->translator->trans('proposal.counted', ['%opening%' => $opening]),
        ]);
    }

    /** What a stretch is made of: `clay, 100 mm, 2 bends, 90° in all`. */
    private function fabric(Proposal $proposal, UnitSystem $units): string
    {
        $values = $proposal->values;
        $bends = (int) ($values['count'] ?? 0);
        $told = [
            isset($values['material']) ? $this->words->within((string) $values['material'], 'material') : '',
            isset($values['bore_mm']) ? $this->formatter->small((float) $values['bore_mm'], $units) : '',
            0 === $bends ? '' : $this->translator->trans('proposal.bends', [
                'count' => $bends, 'turn' => (string) round((float) ($values['turn_deg'] ?? 0)),
            ]),
        ];

        return implode(', ', array_filter($told, static fn (string $each) => '' !== $each));
    }

    private function now(Proposal $proposal, Pipe $pipe, UnitSystem $units): string
    {
        if (isset($proposal->values['length_m'])) {
            return $this->translator->trans('map.says_now', [
                '%value%' => $this->formatter->distance($pipe->length->value, $units),
                '%source%' => $this->words->within($pipe->length->source, 'source'),
            ]);
        }

        return self::FABRIC !== $proposal->code ? '' : $this->translator->trans('map.says_fabric', [
            '%value%' => $this->words->within($pipe->material, 'material').', '.$this->formatter->small($pipe->bore->value, $units),
            '%source%' => $this->words->within($pipe->materialSource, 'source'),
        ]);
    }
}
