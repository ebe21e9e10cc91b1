<?php

declare(strict_types=1);

namespace Uvret\Press;

use Uvret\Design\Film;

/** Why something can't be pressed, and what to change. */
final class PressException extends \RuntimeException
{
    public static function fabric(Film $film, int $temperature, string $fabric, int $highest): self
    {
        return new self("{$film->name} needs $temperature °C and $fabric takes $highest °C at most. Choose a film that is pressed cooler, or another fabric.");
    }

    public static function beneath(Film $film, int $temperature, Film $beneath, int $takes): self
    {
        return new self("{$film->name} needs $temperature °C and {$beneath->name}, which is on already, takes $takes °C."
            .' Choose films that are pressed alike, or place them apart.');
    }

    public static function notCold(Film $film, string $fabric): self
    {
        return new self("{$film->name} is pressed hot, and $fabric is hard: nothing can be pressed on it. Choose a film that is laid on cold.");
    }

    public static function notHot(Film $film, string $fabric): self
    {
        return new self("{$film->name} is laid on cold and does not hold on $fabric. Choose a film that is pressed.");
    }
}
