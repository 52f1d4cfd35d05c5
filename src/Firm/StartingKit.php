<?php

declare(strict_types=1);

namespace App\Firm;

use App\Support\Database\Id;
use Jurvex\Core\Clear\Head;

/** What a new firm's kit begins with: usual values of each class of tool, to be put right by the firm. */
final class StartingKit
{
    /**
     * A cable turns as it goes in, which takes most of the friction along it away.
     *
     * Kind, length m, diameter mm, stiffness N·m², weight N/m, friction dry and wet, push (or reel drag) N, pull N,
     * clearance mm, passes traps; heads with diameter, stiff length, drag or thrust, class.
     */
    private const TOOLS = [
        [
            'Stiff rod, 60 m', ToolKind::Rod, 60.0, 11.0, 28.0, 2.0, 0.42, 0.28, 180.0, 400.0, 4.0, false,
            [['Camera head', 38.0, 60.0, 4.0, Head::Camera], ['Camera head on skid', 75.0, 90.0, 7.0, Head::Camera]],
        ],
        ['Slim rod, 30 m', ToolKind::Rod, 30.0, 7.0, 5.0, 0.9, 0.42, 0.28, 90.0, 200.0, 3.0, false, [
            ['Small camera head', 25.0, 38.0, 2.0, Head::Camera],
        ]],
        [
            'Cable 8 mm, 15 m', ToolKind::Cable, 15.0, 8.0, 0.7, 2.2, 0.20, 0.12, 120.0, 250.0, 3.0, false,
            [['Bulb', 22.0, 50.0, 4.0, Head::Opener], ['Small blade', 35.0, 60.0, 8.0, Head::SmallHead]],
        ],
        [
            'Cable 13 mm, 30 m', ToolKind::Cable, 30.0, 13.0, 3.2, 6.0, 0.20, 0.12, 300.0, 500.0, 4.0, false,
            [
                ['Straight head', 32.0, 90.0, 8.0, Head::Opener],
                ['Small blade', 50.0, 90.0, 15.0, Head::SmallHead],
                ['Large blade', 75.0, 110.0, 25.0, Head::Blade],
            ],
        ],
        [
            'Cable 19 mm, 45 m', ToolKind::Cable, 45.0, 19.0, 9.0, 9.0, 0.20, 0.12, 500.0, 800.0, 5.0, false,
            [
                ['Retriever', 45.0, 120.0, 15.0, Head::Retriever],
                ['Middle blade', 75.0, 130.0, 30.0, Head::Blade],
                ['Wide blade', 95.0, 140.0, 40.0, Head::Blade],
                ['Chain flail', 90.0, 150.0, 40.0, Head::ChainFlail],
            ],
        ],
        [
            'Steered rod, 40 m', ToolKind::Steered, 40.0, 10.0, 16.0, 1.8, 0.42, 0.28, 160.0, 350.0, 4.0, false,
            [['Turning camera head', 45.0, 85.0, 6.0, Head::Camera]],
        ],
        [
            'Trap hose 6 mm, 20 m', ToolKind::JetHose, 20.0, 6.0, 0.0, 0.5, 0.35, 0.30, 3.0, 150.0, 2.0, true,
            [['Button nozzle', 12.0, 14.0, 14.0, Head::BendLeader]],
        ],
        [
            'Line hose 13 mm, 60 m', ToolKind::JetHose, 60.0, 13.0, 0.0, 2.6, 0.40, 0.33, 8.0, 500.0, 4.0, false,
            [
                ['Piercer', 30.0, 55.0, 95.0, Head::Piercer], ['Braked spinner', 48.0, 90.0, 70.0, Head::BrakedSpinner],
                ['Free spinner', 45.0, 80.0, 75.0, Head::FreeSpinner],
                ['Whole-head rotary', 65.0, 110.0, 80.0, Head::WholeHeadRotary],
                ['Flusher', 40.0, 60.0, 110.0, Head::Flusher],
            ],
        ],
    ];

    /** @return list<KitTool> */
    public static function of(Firm $firm): array
    {
        return array_map(static function (array $row) use ($firm): KitTool {
            $details = new ToolDetails();
            [
                $details->name, $details->kind, $details->lengthM, $details->diameterMm, $details->stiffnessNm2,
                $details->weightNPerM, $details->frictionDry, $details->frictionWet, $details->pushLimitN,
                $details->pullLimitN, $details->clearanceMm, $details->passesTraps, $heads,
            ] = $row;
            $details->setHeads(array_map(static function (array $values): ToolHead {
                $head = new ToolHead();
                [$head->name, $head->diameterMm, $head->rigidLengthMm, $head->forceN, $head->class] = $values;

                return $head;
            }, $heads));

            return new KitTool(Id::fresh(), $firm, $details);
        }, self::TOOLS);
    }
}
