<?php

declare(strict_types=1);

namespace Uvret\Design;

/** How a film is pressed. */
final readonly class FilmPress
{
    /** A film still holds this much below its temperature, when it is pressed longer; and it stands as much more, in °C. */
    public const GIVE = 10;

    /** @param int $temperature in °C */
    public function __construct(
        public int $temperature = 150,
        public int $seconds = 12,
        public Pressure $pressure = Pressure::Medium,
        public Peel $peel = Peel::Warm,
    ) {
    }

    /** The lowest temperature at which it holds, in °C. */
    public function least(): int
    {
        return $this->temperature - self::GIVE;
    }

    /** The highest that it stands once it is on, in °C. */
    public function most(): int
    {
        return $this->temperature + self::GIVE;
    }

    /** As films of a finish are usually pressed. */
    public static function usual(Finish $finish): self
    {
        return match ($finish) {
            Finish::Glitter => new self(160, 15, Pressure::Firm, Peel::Warm),
            Finish::Flock => new self(160, 15, Pressure::Firm, Peel::Cold),
            default => new self(),
        };
    }

    /** @param mixed $document the `press` of a film on the rack, see rack-film.schema.json; what is missing is as for smooth film */
    public static function read(mixed $document): self
    {
        $usual = new self();
        $given = $document instanceof \stdClass ? \get_object_vars($document) : [];
        $pressure = $given['pressure'] ?? null;
        $peel = $given['peel'] ?? null;

        return new self(
            temperature: \is_int($given['temperature'] ?? null) ? $given['temperature'] : $usual->temperature,
            seconds: \is_int($given['seconds'] ?? null) ? $given['seconds'] : $usual->seconds,
            pressure: (\is_string($pressure) ? Pressure::tryFrom($pressure) : null) ?? $usual->pressure,
            peel: (\is_string($peel) ? Peel::tryFrom($peel) : null) ?? $usual->peel,
        );
    }
}
