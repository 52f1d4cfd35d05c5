<?php

declare(strict_types=1);

namespace Jurvex\Core\Judge;

use Jurvex\Core\Finding\Finding;
use Jurvex\Core\Finding\Sureness;
use Jurvex\Core\Run\RunRecord;

/** Judges the findings of a run by the rule book under the house's schools. */
final readonly class Judge
{
    public function __construct(private HouseRules $rules)
    {
    }

    /** @return array<string, Judgement> by finding */
    public function judgeAll(RunRecord $run): array
    {
        $judgements = [];
        foreach ($run->findings as $finding) {
            $judgements[$finding->id] = $this->judge($finding, $run);
        }

        return $judgements;
    }

    public function judge(Finding $finding, RunRecord $run): Judgement
    {
        $evidence = new Evidence($finding, $run, $this->rules);
        [$rule, $otherRule] = $this->answers($evidence);
        $judgement = $this->judgement($rule, $evidence);
        if (!RuleBook::divides($finding->kind) || (null === $rule->school && null === $otherRule->school)) {
            return $judgement;
        }
        $others = $this->judgement($otherRule, $evidence);

        return new Judgement($judgement->findingId, $judgement->rule, $judgement->need, $judgement->lookAgain, $judgement->remedy,
            $judgement->values, $judgement->limits, $judgement->school ?? $others->school?->other(), $others);
    }

    /** @return array{Rule, Rule} the first that holds under the house's schools, and under the other ones */
    private function answers(Evidence $evidence): array
    {
        $ours = $others = null;
        foreach (RuleBook::for($evidence->finding->kind) as $rule) {
            $isOurs = null === $ours && $rule->isOf($this->rules->water, $this->rules->roots);
            $isOthers = null === $others && $rule->isOf($this->rules->water->other(), $this->rules->roots->other());
            if (($isOurs || $isOthers) && $rule->holds($evidence)) {
                $ours = $isOurs ? $rule : $ours;
                $others = $isOthers ? $rule : $others;
                if (null !== $ours && null !== $others) {
                    return [$ours, $others];
                }
            }
        }
        throw new \LogicException(\sprintf('No rule answers for "%s".', $evidence->finding->kind->value));
    }

    private function judgement(Rule $rule, Evidence $evidence): Judgement
    {
        $need = $rule->need;
        // What cannot be told for certain is never better than "look again"; what is bad stays bad.
        $unsure = Sureness::CannotSay === $evidence->finding->sureness;
        if ($unsure && null !== $need && $need->level() < Need::Mend->level()) {
            $need = null;
        }
        $values = $limits = [];
        foreach ($rule->uses as $name) {
            $values[$name] = $evidence->value($name);
        }
        foreach ($rule->limits as $name) {
            $limits[$name] = $this->rules->limit($name);
        }

        return new Judgement(
            $evidence->finding->id, $rule->code, $need, $unsure || null === $need, $rule->remedy, $values, $limits,
            $rule->school,
        );
    }
}
