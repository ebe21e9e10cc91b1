<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\App\Api\Shape\LoadedCutter;

/** What the cutter shows on its front panel: what is loaded, how it is. */
final readonly class CutterPanel
{
    private const PATIENCE = 1.0;

    public function __construct(#[Autowire('%env(UVRET_CUTTER_PANEL)%')] public string $address)
    {
    }

    public function state(): ?LoadedCutter
    {
        $answer = @\file_get_contents("http://$this->address/state", context: \stream_context_create(['http' => ['timeout' => self::PATIENCE]]));
        $state = false === $answer ? null : \json_decode($answer, true);

        return \is_array($state) ? LoadedCutter::of($state) : null;
    }
}
