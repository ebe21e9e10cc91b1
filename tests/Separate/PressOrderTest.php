<?php

declare(strict_types=1);

namespace Uvret\Tests\Separate;

use PHPUnit\Framework\TestCase;
use Uvret\Design\Film;
use Uvret\Design\Finish;
use Uvret\Separate\PressOrder;

final class PressOrderTest extends TestCase
{
    public function testTheNearestOrderThatCanBePressed(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(8));
        $finishes = [Finish::Smooth, Finish::Metallic, Finish::Glitter, Finish::Flock, Finish::Puff];
        for ($case = 0; $case < 400; ++$case) {
            $wanted = [];
            for ($number = $random->getInt(1, 6); $number > 0; --$number) {
                $wanted[] = self::film("film-$number", $finishes[$random->getInt(0, 4)]);
            }
            $pairs = [];
            foreach ($wanted as $one) {
                foreach ($wanted as $other) {
                    $pairs[$one->id.$other->id] = $pairs[$other->id.$one->id] ?? 1 === $random->getInt(0, 1);
                }
            }
            $order = PressOrder::of($wanted, static fn (Film $one, Film $other): bool => $pairs[$one->id.$other->id]);
            $place = \array_flip(\array_column($order->films, 'id'));
            self::assertCount(\count($wanted), $place);
            foreach ($wanted as $at => $film) {
                foreach ($wanted as $later => $other) {
                    $isPuff = static fn (Film $one): bool => $one->finish->comesLast();
                    if ($isPuff($other) && !$isPuff($film)) {
                        self::assertLessThan($place[$other->id], $place[$film->id], 'puff is pressed last');
                    } elseif (!$film->carries && $other->carries && $pairs[$film->id.$other->id]) {
                        self::assertLessThan($place[$film->id], $place[$other->id], 'nothing is pressed on it');
                    } elseif ($film->carries && $other->carries && $at < $later) {
                        self::assertLessThan($place[$other->id], $place[$film->id], 'the others keep their order');
                    }
                }
            }
            // Only what was moved has a reason, and a possible order is kept.
            if ([] === $order->reasons) {
                self::assertSame($wanted, $order->films);
            }
            self::assertSame(
                $order->films,
                PressOrder::of($order->films, static fn (Film $one, Film $other): bool => $pairs[$one->id.$other->id])->films,
                'what can be pressed stays as it is',
            );
        }
    }

    public function testAFilmSaysItselfWhatItCarries(): void
    {
        // Glitter that takes films on top stays below; smooth film that takes none goes up.
        $rough = self::film('glitter', Finish::Glitter, true);
        $slick = self::film('slick', Finish::Smooth, false);
        $plain = self::film('plain', Finish::Smooth);
        $order = PressOrder::of([$slick, $rough, $plain], static fn (): bool => true);
        self::assertSame([$rough, $plain, $slick], $order->films);
        self::assertSame(['slick'], \array_keys($order->reasons));
        self::assertStringContainsString('after Glitter and Plain', $order->reasons['slick']);
    }

    private static function film(string $id, Finish $finish, ?bool $carries = null): Film
    {
        return new Film($id, \ucfirst($id), '#22243A', $finish, 500_000, 90, true, $carries ?? $finish->carries(), true, false, false);
    }
}
