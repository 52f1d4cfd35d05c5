<?php

declare(strict_types=1);

namespace App\Look;

use Jurvex\Core\Run\EndReason;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** Why a run ended, and where. */
final class RunEnd
{
    private const NOTABLE_M = 3.0;
    private const SAME_PLACE_M = 0.5;

    #[Assert\NotNull(message: 'error.choose')]
    public ?EndReason $reason = null;

    #[Assert\NotNull(message: 'error.distance_missing')]
    public ?float $reachedM = null;

    #[Assert\Length(max: 4000, maxMessage: 'error.too_long')]
    public string $note = '';

    /** Said once more, where what was logged speaks against it. */
    public bool $sure = false;

    /**
     * @param float $rodM rod that is on the reel at the most that was counted
     * @param ?float $mainM where the main, or the end of the line, was logged
     */
    public function __construct(private readonly float $rodM, private readonly ?float $mainM, ?float $reachedM)
    {
        $this->reachedM = $reachedM;
        $this->reason = null === $mainM ? null : EndReason::MainReached;
    }

    /** Asks where the end that is said does not go with the counter or with what was logged. */
    #[Assert\Callback]
    public function ask(ExecutionContextInterface $context): void
    {
        $doubt = $this->sure ? null : $this->doubt();
        if (null !== $doubt) {
            $context->buildViolation($doubt)->atPath('reason')->addViolation();
        }
    }

    private function doubt(): ?string
    {
        $isMain = EndReason::MainReached === $this->reason || EndReason::EndOfLine === $this->reason;

        return match (true) {
            null === $this->reason || null === $this->reachedM => null,
            EndReason::RodOut === $this->reason && $this->rodM - $this->reachedM > self::NOTABLE_M => 'error.end_rod_left',
            null !== $this->mainM && (!$isMain || abs($this->mainM - $this->reachedM) > self::SAME_PLACE_M) => 'error.end_main_logged',
            default => null,
        };
    }
}
