<?php

declare(strict_types=1);

namespace App\Firm;

use Doctrine\ORM\EntityManagerInterface;
use Jurvex\Core\Reach\Rig;

/** The kit of a firm. */
final readonly class Kit
{
    /** @var \WeakMap<Firm, list<KitTool>> asked for once: many pieces of one screen go by the kit */
    private \WeakMap $known;

    public function __construct(private EntityManagerInterface $manager)
    {
        $this->known = new \WeakMap();
    }

    /** @return list<KitTool> fit for use, in the order in which they were entered */
    public function of(Firm $firm): array
    {
        return array_values(array_filter($this->all($firm), static fn (KitTool $tool) => null === $tool->wear()));
    }

    /** @return list<KitTool> those that wait for repair too */
    public function all(Firm $firm): array
    {
        return $this->known[$firm] ??= $this->manager->getRepository(KitTool::class)
            ->findBy(['firm' => $firm, 'withdrawnAt' => null], ['id' => 'ASC']);
    }

    public function tool(Firm $firm, string $id): ?KitTool
    {
        return $this->manager->getRepository(KitTool::class)->findOneBy(['firm' => $firm, 'id' => $id]);
    }

    /** @param ?string $rig tool and head, as `tool-number` */
    public function fitted(Firm $firm, ?string $rig): ?FittedHead
    {
        $found = null === $rig ? null : sscanf($rig, '%36s-%d');
        $tool = isset($found[1]) ? $this->tool($firm, (string) $found[0]) : null;
        $head = $tool?->details()->getHeads()[$found[1] ?? -1] ?? null;

        return null === $tool || null === $head ? null : new FittedHead($tool, $head);
    }

    /**
     * @param list<KitTool> $tools
     *
     * @return list<Rig> every tool with every head
     */
    public static function rigs(array $tools, bool $wet): array
    {
        return array_merge(...array_map(static fn (KitTool $tool) => $tool->rigs($wet), $tools));
    }
}
