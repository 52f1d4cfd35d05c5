<?php

declare(strict_types=1);

namespace App\Look;

use App\Record\Run;
use App\Support\Units\Formatter;
use App\Support\Wording\FactWords;
use App\Work\Cameras;
use App\Work\JudgedRun;
use App\Work\Measured;
use Jurvex\Core\Camera\CameraHead;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\RuntimeExtensionInterface;

/** What the Look screen's templates ask for. */
final readonly class LookRuntime implements RuntimeExtensionInterface
{
    public function __construct(private Formatter $formatter, private TranslatorInterface $translator, private Cameras $cameras)
    {
    }

    public function choice(Fact $fact, string $choice): string
    {
        return $this->translator->trans(FactWords::key($fact, $choice));
    }

    public function size(float $size, SizeUnit $unit, UnitSystem $units): string
    {
        return $this->formatter->size(new Size($size, $unit), $units);
    }

    public function camera(Run $run): CameraHead
    {
        return $this->cameras->on($run);
    }

    public function measured(JudgedRun $line): Measured
    {
        return new Measured($line, $this->cameras->on($line->run));
    }

    /** The largest file that the server takes, as it is said. */
    public static function uploadLimit(): string
    {
        return (int) (UploadedFile::getMaxFilesize() / 1_000_000).' MB';
    }

    /**
     * Where an hour stands on a dial about nought, its 12 at the top.
     *
     * @return array{float, float} to the right and down
     */
    public static function onDial(int $hour, float $radius): array
    {
        $angle = $hour / 6 * \M_PI;

        return [round($radius * sin($angle), 1), round(-$radius * cos($angle), 1)];
    }
}
