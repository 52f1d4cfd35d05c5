<?php

declare(strict_types=1);

namespace App\Screen;

use App\Support\Units\Formatter;
use App\Support\Wording\WordsExtension;
use Jurvex\Core\Measure\UnitSystem;
use Jurvex\Core\Sketch\Joins;
use Jurvex\Core\Sketch\Known;
use Jurvex\Core\Sketch\Node;
use Jurvex\Core\Sketch\NodeKind;
use Jurvex\Core\Sketch\Pipe;
use Jurvex\Core\Sketch\Sketch;
use Symfony\Contracts\Translation\TranslatorInterface;

/** What the parts of a line map are called: by their names, or by what they are, counted where there are several. */
final readonly class MapWords
{
    public function __construct(private WordsExtension $words, private TranslatorInterface $translator, private Formatter $formatter)
    {
    }

    /** @return array<string, string> of all nodes and pipes, by identifier */
    public function names(Sketch $sketch): array
    {
        $plain = $count = [];
        foreach ($sketch->nodes as $id => $node) {
            $plain[$id] = '' === $node->name ? $this->kindOf($node) : $node->name;
            $count[$plain[$id]] = ($count[$plain[$id]] ?? 0) + 1;
        }
        $names = $number = [];
        foreach ($sketch->nodes as $id => $node) {
            $name = $plain[$id];
            $number[$name] = ($number[$name] ?? 0) + 1;
            $names[$id] = $count[$name] > 1 ? $name.' '.$number[$name] : $name;
        }
        $joined = $this->translator->trans('map.junction_of');
        foreach ($sketch->nodes as $id => $node) {
            $top = NodeKind::Junction === $node->kind ? self::joining($sketch, $node) : null;
            $names[$id] = null === $top ? $names[$id] : str_replace('%name%', $names[$top->id], $joined);
        }
        // The pattern once, and not a translation for each of hundreds of pipes.
        [$ofFixture, $below] = [$this->translator->trans('map.pipe_of'), $this->translator->trans('map.line_below')];
        foreach ($sketch->pipes as $id => $pipe) {
            $names[$id] = str_replace(
                '%name%',
                $names[$pipe->from],
                NodeKind::Fixture === $sketch->nodes[$pipe->from]->kind ? $ofFixture : $below,
            );
        }

        return $names;
    }

    /** Behind a word where there are several, so that what is read aloud begins as what is seen. */
    public static function shortened(string $name, int $most): string
    {
        if (mb_strlen($name) <= $most) {
            return $name;
        }
        $begin = mb_substr($name, 0, $most);

        return rtrim(mb_substr($begin, 0, mb_strrpos($begin, ' ') ?: $most - 1)).'…';
    }

    /** @return array{string, string} what stands over a drawn pipe: in full, and in short */
    public function label(Pipe $pipe, UnitSystem $units): array
    {
        $length = $this->formatter->distance($pipe->length->value, $units);
        $short = $pipe->length->source->isKnown() ? $length : '≈ '.$length;

        return [$short.' · '.$this->small($pipe->bore, $units), $short];
    }

    private function small(Known $bore, UnitSystem $units): string
    {
        return ($bore->source->isKnown() ? '' : '≈ ').$this->formatter->small($bore->value, $units);
    }

    private function kindOf(Node $node): string
    {
        return match ($node->kind) {
            NodeKind::Fixture => $this->words->words($node->what, 'fixture'),
            NodeKind::Opening => $this->words->words($node->what, 'opening'),
            NodeKind::Outlet => $this->words->words($node->what, 'outlet'),
            NodeKind::Trap, NodeKind::Junction => $this->words->words($node->kind->value, 'node'),
        };
    }

    /** The place that a junction is called after: what joins from the side; the line itself goes by many names. */
    private static function joining(Sketch $sketch, Node $node): ?Node
    {
        $above = $sketch->above($node->id);
        if (\count($above) < 2) {
            return null;
        }
        usort($above, static fn (Pipe $a, Pipe $b) => (Joins::Straight === $a->joins) <=> (Joins::Straight === $b->joins));
        foreach ($above as $pipe) {
            for ($top = $pipe; null !== $top; $top = $sketch->above($top->from)[0] ?? null) {
                if ($sketch->nodes[$top->from]->isPlace()) {
                    return $sketch->nodes[$top->from];
                }
            }
        }

        return null;
    }
}
