<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

/** What the cable does: one head after the other, each in through the stoppage and back. */
final readonly class CableSequence
{
    /** @param list<Head> $heads that the table asks for, in their order */
    public function __construct(private Situation $situation, private array $heads)
    {
    }

    /** @return ?list<Step> none where nothing of the kit can do it */
    public function steps(): ?array
    {
        $strokes = new Strokes($this->situation);
        $choices = $this->choices();
        $steps = [];
        foreach ($choices as $with) {
            $why = 'head.'.$with->head->value;
            $trip = Blockage::Rags === $this->situation->blockage
                ? $strokes->trips($with, $why, 'draw_back')
                : [...$strokes->through($with, $why), ...$strokes->back($with, 'draw_back')];
            $steps = [...$steps, ...$trip];
        }

        return [] === $choices ? null : $steps;
    }

    /** @return list<HeadChoice> what of the kit does it */
    public function choices(): array
    {
        return array_values(array_filter(array_map((new HeadsAtHand($this->situation))->pick(...), $this->heads)));
    }

    /** @return list<Head> that the table asks for, and nothing of the kit does */
    public function missing(): array
    {
        return (new HeadsAtHand($this->situation))->missing($this->heads);
    }
}
