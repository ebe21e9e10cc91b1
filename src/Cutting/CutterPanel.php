<?php

declare(strict_types=1);

namespace Uvret\App\Cutting;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\App\Api\Shape\LoadedCutter;

/** The cutter's front panel: load and state. */
final readonly class CutterPanel
{
    private const PATIENCE = 1.0;

    public function __construct(#[Autowire('%env(UVRET_CUTTER_PANEL)%')] public string $address)
    {
    }

    public function state(): ?LoadedCutter
    {
        $state = $this->ask('state');

        return null === $state ? null : LoadedCutter::of($state);
    }

    /**
     * Logged positions of the tip, stroke by stroke.
     *
     * @return list<list<float>> flat lists of points in mm
     */
    public function record(int $from): array
    {
        /** @var list<list<float>>|null $strokes */
        $strokes = $this->ask("record?from=$from");

        return $strokes ?? [];
    }

    /** Number of logged strokes. */
    public function strokes(): ?int
    {
        $strokes = $this->ask('state')['strokes'] ?? null;

        return \is_int($strokes) ? $strokes : null;
    }

    /** @return array<mixed>|null */
    private function ask(string $what): ?array
    {
        $answer = @\file_get_contents("http://$this->address/$what", context: \stream_context_create(['http' => ['timeout' => self::PATIENCE]]));
        $said = false === $answer ? null : \json_decode($answer, true);

        return \is_array($said) ? $said : null;
    }
}
