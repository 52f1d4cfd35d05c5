<?php

declare(strict_types=1);

namespace App\Look;

use App\Support\Database\Id;
use App\Support\Units\Formatter;
use App\Support\Wording\FactWords;
use App\Work\Cameras;
use App\Work\JudgedRun;
use App\Work\Measured;
use Jurvex\Core\Finding\Fact;
use Jurvex\Core\Measure\Size;
use Jurvex\Core\Measure\SizeUnit;
use Jurvex\Core\Measure\UnitSystem;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class LookExtension extends AbstractExtension
{
    public function __construct(
        private readonly Tiles $tiles,
        private readonly Formatter $formatter,
        private readonly TranslatorInterface $translator,
        private readonly Cameras $cameras,
        private readonly Readouts $readouts,
    ) {
    }

    public function getFunctions(): array
    {
        return [
            new TwigFunction('finding_tiles', $this->tiles->all(...)),
            new TwigFunction('fact_choice', fn (Fact $fact, string $choice) => $this->translator->trans(FactWords::key($fact, $choice))),
            new TwigFunction(
                'plain_size',
                fn (float $size, SizeUnit $unit, UnitSystem $units) => $this->formatter->size(new Size($size, $unit), $units),
            ),
            new TwigFunction('run_camera', $this->cameras->on(...)),
            new TwigFunction('measured', fn (JudgedRun $line) => new Measured($line, $this->cameras->on($line->run))),
            new TwigFunction('blank_readout', $this->readouts->blank(...)),
            new TwigFunction('fresh_id', Id::fresh(...)),
            new TwigFunction('upload_limit', static fn () => (int) (UploadedFile::getMaxFilesize() / 1_000_000).' MB'),
            new TwigFunction('sin_hour', static fn (int $hour) => sin($hour / 6 * \M_PI)),
            new TwigFunction('cos_hour', static fn (int $hour) => cos($hour / 6 * \M_PI)),
        ];
    }
}
