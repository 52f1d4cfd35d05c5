<?php

declare(strict_types=1);

namespace Jurvex\Core\Clear;

use Jurvex\Core\Run\Travel;

/** What the jet does: in with what opens, back with what works on the walls, and what is loose flushed out. */
final readonly class JetSequence
{
    /** What a cone of water pushes down the flow ahead of it. */
    private const PUSHED = [Blockage::HardGrease, Blockage::ThinRoots, Blockage::DenseRoots, Blockage::Scale];

    private HeadsAtHand $heads;

    private Strokes $strokes;

    public function __construct(private Situation $situation)
    {
        $this->heads = new HeadsAtHand($situation);
        $this->strokes = new Strokes($situation);
    }

    /** @return ?list<Step> none where nothing of the kit can do it */
    public function steps(): ?array
    {
        $leader = $this->situation->trap ? $this->heads->pick(Head::BendLeader) : null;
        $work = match ($this->situation->blockage) {
            Blockage::Rags => $this->trips(),
            Blockage::HardObject => $this->past(),
            default => $this->openedAndWorked(),
        };

        return null === $work ? null : [
            ...(null === $leader ? [] : $this->strokes->leader($leader)), ...$work,
            ...(false === $this->situation->carries() ? [$this->strokes->flushedFromAbove()] : []),
        ];
    }

    /** @return list<HeadChoice> what of the kit does it */
    public function choices(): array
    {
        return array_values(array_filter(array_map($this->heads->pick(...), $this->wanted())));
    }

    /** @return list<Head> that the table asks for */
    private function wanted(): array
    {
        $work = match ($this->situation->blockage) {
            Blockage::Rags => [Head::Piercer],
            Blockage::HardObject => [],
            default => array_values(array_filter([$this->opener(), $this->worker()])),
        };

        return [...($this->situation->trap ? [Head::BendLeader] : []), ...$work, Head::Flusher];
    }

    /** @return list<Head> that the table asks for, and nothing of the kit does */
    public function missing(): array
    {
        $missing = $this->heads->missing($this->wanted());
        $stoodIn = array_map(static fn (Step $step) => $step->insteadOf, $this->steps() ?? []);

        return array_values(array_filter($missing, static fn (Head $head) => !\in_array($head, $stoodIn, true)));
    }

    /** Whether a nozzle that would do better here wants more water than the pump gives. */
    public function wantsMoreFlow(): bool
    {
        $s = $this->situation;
        $best = match (true) {
            Blockage::Silt === $s->blockage && !$s->isSmall() => Head::Dredger,
            \in_array($s->blockage, self::PUSHED, true) && !$s->isSmall() && !$s->isWeak() => Head::WholeHeadRotary,
            default => $this->worker() ?? Head::Flusher,
        };

        return $best->leastFlow() > $s->flow;
    }

    /** @return ?list<Step> */
    private function openedAndWorked(): ?array
    {
        $worker = $this->worker();
        $works = null === $worker ? null : $this->heads->pick($worker);
        $wanted = $this->opener();
        // What cores in front opens for itself where nothing else of the kit does.
        $opens = null === $wanted ? null : $this->heads->pick($wanted) ?? (null === $works ? null : new HeadChoice($works->head, $wanted));
        if ((null !== $worker && null === $works) || (null !== $wanted && null === $opens)) {
            return null;
        }
        $steps = [];
        $isIn = false;
        if (null !== $opens) {
            $isIn = $opens->head === $works?->head;
            $why = 'head.'.$opens->head->value;
            $steps = [...$this->strokes->through($opens, $why), ...($isIn ? [] : $this->strokes->back($opens, 'way_back'))];
        }
        if (null !== $works) {
            $why = 'head.'.$works->head->value;
            $steps = [...$steps, ...($isIn ? [] : $this->strokes->in($works, $why)), ...$this->strokes->wallsBack($works, $why)];
        }

        return [...$steps, ...(Head::Flusher === $works?->head ? [] : $this->flushed())];
    }

    /** @return ?list<Step> pierced, then dragged back */
    private function trips(): ?array
    {
        $piercer = $this->heads->pick(Head::Piercer);

        return null === $piercer ? null : [...$this->strokes->trips($piercer, 'head.piercer', 'drag_back'), ...$this->flushed()];
    }

    /** @return ?list<Step> a small head past what is hard, and washed back */
    private function past(): ?array
    {
        $flusher = $this->heads->pick(Head::Flusher);

        return null === $flusher
            ? null : [...$this->strokes->through($flusher, 'head.flusher'), ...$this->strokes->back($flusher, 'drag_back')];
    }

    /** @return list<Step> none where the kit has no flusher */
    private function flushed(): array
    {
        $flusher = $this->heads->pick(Head::Flusher);

        return null === $flusher
            ? [] : [...$this->strokes->in($flusher, 'head.flusher'), ...$this->strokes->back($flusher, 'head.flusher')];
    }

    /** What makes the first hole; none where none is needed. */
    private function opener(): ?Head
    {
        $s = $this->situation;

        return match (true) {
            Blockage::Ice === $s->blockage => Head::IceHead,
            Blockage::Silt === $s->blockage, Blockage::HardObject === $s->blockage => null,
            Travel::Downstream === $s->travel && $s->takesRotaries() && \in_array($s->blockage, self::PUSHED, true) => Head::InnerRotorCone,
            default => Head::Piercer,
        };
    }

    /** What works on the walls on its way back. */
    private function worker(): ?Head
    {
        $s = $this->situation;
        $rotary = $s->takesRotaries() ? Head::WholeHeadRotary : null;

        return match ($s->blockage) {
            Blockage::SoftPlug => $rotary ?? Head::FreeSpinner,
            Blockage::SoftGrease => Head::FreeSpinner,
            Blockage::HardGrease, Blockage::Scale => $rotary ?? Head::BrakedSpinner,
            Blockage::PackedSoap => Head::BrakedSpinner,
            Blockage::ThinRoots, Blockage::DenseRoots => $rotary ?? Head::OffCentreCone,
            Blockage::Silt => $s->flow >= Head::Dredger->leastFlow() && !$s->isSmall() ? Head::Dredger : $rotary ?? Head::Flusher,
            default => null,
        };
    }
}
