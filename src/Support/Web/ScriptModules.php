<?php

declare(strict_types=1);

namespace App\Support\Web;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/** The scripts that a page needs, named at once, so that none waits for another to ask for it. */
final class ScriptModules extends AbstractExtension
{
    /** @var ?list<string> */
    private ?array $names = null;

    public function __construct(#[Autowire('%kernel.project_dir%/assets/scripts')] private readonly string $folder)
    {
    }

    public function getFunctions(): array
    {
        return [new TwigFunction('script_modules', $this->names(...))];
    }

    /** @return list<string> */
    public function names(): array
    {
        return $this->names ??= array_map(basename(...), glob($this->folder.'/*.js') ?: []);
    }
}
