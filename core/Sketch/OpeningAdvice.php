<?php

declare(strict_types=1);

namespace Jurvex\Core\Sketch;

use Jurvex\Core\LineMap\Faces;

/** Advice for each opening and for each opening with the next one down the line. */
final readonly class OpeningAdvice
{
    private const HAIR = 1e-6;

    public function __construct(private AccessRules $rules)
    {
    }

    /** @return list<Advice> */
    public function on(Sketch $sketch): array
    {
        $advice = [];
        foreach ($sketch->openings() as $opening) {
            array_push($advice, ...$this->onOne($sketch, $opening), ...$this->downFrom($sketch, $opening));
        }
        if ([] === $sketch->openings() && !$sketch->isBlank()) {
            $advice[] = new Advice('no_opening', $sketch->outlet);
        }

        return $advice;
    }

    /** @return list<Advice> */
    private function onOne(Sketch $sketch, Node $opening): array
    {
        $mouth = $opening->mouth ?? throw new \LogicException('An opening has a mouth.');
        $advice = [];
        $bore = max([
            0.0,
            ...array_map(
                static fn (Pipe $pipe) => $pipe->bore->value,
                array_filter([$sketch->below($opening->id), ...$sketch->above($opening->id)]),
            ),
        ]);
        if ($mouth->size->value < $bore * $this->rules->size / 100 - self::HAIR) {
            $advice[] = new Advice(
                'too_small', $opening, null, ['opening_mm' => $mouth->size->value, 'bore_mm' => $bore], null,
                $mouth->size->source->isKnown(),
            );
        }
        if (Faces::Upstream === $mouth->faces && null !== $sketch->below($opening->id)) {
            $advice[] = new Advice('faces_upstream', $opening);
        }
        $own = $sketch->below($opening->id);
        if (null !== $own && Joins::Tee === $own->joins && Faces::Downstream !== $mouth->faces) {
            $advice[] = new Advice('own_branch_only', $opening);
        }
        foreach (['not_ready' => !$mouth->ready, 'ask_leave' => !$mouth->leave, 'trap' => $mouth->trap] as $rule => $holds) {
            if ($holds) {
                $advice[] = new Advice($rule, $opening);
            }
        }

        return $advice;
    }

    /** @return list<Advice> on the way to the next opening, or to the outlet */
    private function downFrom(Sketch $sketch, Node $opening): array
    {
        $metres = $turn = 0.0;
        $turned = null;
        $isKnown = true;
        $next = $sketch->outlet;
        foreach ($sketch->wayDown($opening->id) as $pipe) {
            foreach ($pipe->bends as $bend) {
                $turn += $bend->degrees;
                $turned ??= $this->isTooMuch($turn) ? $metres + $bend->at : null;
                $isKnown = $isKnown && $bend->source->isKnown();
            }
            $metres += $pipe->length->value;
            $turn += $pipe->joins->degrees();
            $turned ??= $this->isTooMuch($turn) ? $metres : null;
            $isKnown = $isKnown && $pipe->length->source->isKnown();
            if (NodeKind::Opening === $sketch->nodes[$pipe->to]->kind) {
                $next = $sketch->nodes[$pipe->to];
                break;
            }
        }
        $advice = [];
        if ($metres > $this->rules->spacing + self::HAIR) {
            $advice[] = new Advice(
                'too_far', $opening, $next, ['distance_m' => $metres, 'limit_m' => $this->rules->spacing],
                min($metres / 2, $this->rules->spacing), $isKnown,
            );
        }
        if (null !== $turned) {
            $advice[] = new Advice(
                'turns_too_much', $opening, $next, ['turn_deg' => $turn, 'limit_deg' => $this->rules->turn], $turned, $isKnown,
            );
        }

        return $advice;
    }

    private function isTooMuch(float $degrees): bool
    {
        return $degrees > $this->rules->turn + self::HAIR;
    }
}
