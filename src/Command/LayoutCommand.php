<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use Uvret\Cut\CutSheet;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Geometry\Box;
use Uvret\Geometry\Length;
use Uvret\Geometry\LengthException;
use Uvret\Layout\Boxes;
use Uvret\Layout\Nest\Nested;
use Uvret\Layout\Nest\Nesting;
use Uvret\Layout\Nest\Piece;
use Uvret\Layout\Nest\Place;
use Uvret\Layout\Stock;
use Uvret\Layout\StockException;
use Uvret\Plan\Planner;

#[AsCommand(
    'uvret:layout',
    'Lays layers of one or more designs out on a film by their shapes, and writes where each lies as JSON, lengths in µm.',
)]
final class LayoutCommand extends Command
{
    public function __construct(
        private readonly DesignReader $reader,
        private readonly Planner $planner,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('designs', InputArgument::REQUIRED | InputArgument::IS_ARRAY, 'Design documents, each with *N behind it for so many copies')
            ->addOption('film', null, InputOption::VALUE_REQUIRED, 'The id of the film whose layers are laid out')
            ->addOption('width', null, InputOption::VALUE_REQUIRED, 'Of the film; the film’s own where it is left out')
            ->addOption('length', null, InputOption::VALUE_REQUIRED, 'Of a sheet, where the film comes in sheets; the fewest are used')
            ->addOption('gap', null, InputOption::VALUE_REQUIRED, 'Between frames', '0mm')
            ->addOption('frames', null, InputOption::VALUE_REQUIRED, 'hug or box: a frame for each layer; as the design has them where it is left out')
            ->addOption('margin', null, InputOption::VALUE_REQUIRED, 'How far such frames stay off the ink', '4mm')
            ->addOption('turns', null, InputOption::VALUE_REQUIRED, 'The ways round in which frames may lie, in degrees', '0,90,180,270')
            ->addOption('seconds', null, InputOption::VALUE_REQUIRED, 'How long to look for better ones', '20')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'The same one gives the same moves', '1')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The file to write');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $text = static function (string $option) use ($input): string {
            $value = $input->getOption($option);

            return \is_string($value) ? $value : '';
        };
        try {
            if ('' === $text('out') || '' === $text('film')) {
                throw LayoutMistake::missing('' === $text('film') ? '--film=ID' : '--out=FILE');
            }
            [$gap, $margin] = [Length::parse($text('gap'))->micrometres, Length::parse($text('margin'))->micrometres];
            $turns = self::turns($text('turns'));
            /** @var list<string> $designs */
            $designs = $input->getArgument('designs');
            [$sheets, $of] = $this->sheets($designs, $text('film'), $text('frames'), $margin);
            $width = '' === $text('width') ? $sheets[0]->film->width : Length::parse($text('width'))->micrometres;
            $pieces = \array_map(static fn (CutSheet $sheet): Piece => Piece::of($sheet->frame, $turns), $sheets);
            $all = [];
            foreach ($of as [$sheet]) {
                $all[] = $pieces[$sheet];
            }
            $stocks = '' === $text('length') ? [Stock::roll('roll', $width)] : \array_map(
                static fn (int $sheet): Stock => Stock::sheet((string) $sheet, $width, Length::parse($text('length'))->micrometres),
                \range(1, \count($all)),
            );
            $nested = self::nested($all, $stocks, $gap, (float) $text('seconds'), (int) $text('seed'));
            if ([] !== $nested->left) {
                throw LayoutMistake::tooWide($width);
            }
        } catch (LayoutMistake|DesignException|LengthException|StockException $e) {
            (new SymfonyStyle($input, $output))->getErrorStyle()->error($e->getMessage());

            return self::FAILURE;
        }
        $boxes = \array_map(static fn (Piece $piece): Box => $piece->frame->bounds() ?? throw new \LogicException('A frame has an area.'), $all);
        $isTurned = [] !== \array_intersect([90, 270], $turns);
        $layout = [
            'length' => $nested->length,
            'boxes' => Boxes::length($boxes, $width, $gap, $isTurned),
            'pieces' => self::pieces($nested, $pieces, $of),
        ];
        if (false === @\file_put_contents($text('out'), \json_encode($layout, \JSON_THROW_ON_ERROR)."\n")) {
            (new SymfonyStyle($input, $output))->getErrorStyle()->error($text('out').' cannot be written.');

            return self::FAILURE;
        }
        $output->writeln(\sprintf(
            '%d pieces on %.1f mm of film, %.1f %% of it covered; as boxes %.1f mm.',
            \count($all),
            $nested->length / 1_000,
            100 * $nested->covered(),
            $layout['boxes'] / 1_000,
        ));

        return self::SUCCESS;
    }

    /**
     * @param list<string> $designs
     *
     * @return array{non-empty-list<CutSheet>, list<array{int, string, int}>} sheets, and for each copy its sheet, design and number
     *
     * @throws LayoutMistake|DesignException
     */
    private function sheets(array $designs, string $film, string $frames, int $margin): array
    {
        $sheets = $of = [];
        foreach ($designs as $design) {
            [$file, $copies] = 1 === \preg_match('/^(.+)\*(\d{1,4})$/', $design, $m) ? [$m[1], (int) $m[2]] : [$design, 1];
            $document = \is_file($file) ? \json_decode((string) \file_get_contents($file)) : throw LayoutMistake::noFile($file);
            if ($document instanceof \stdClass && '' !== $frames) {
                $document->weeding = self::weeding($frames, $margin);
            }
            foreach ($this->planner->plan($this->reader->fromJson(\json_encode($document, \JSON_THROW_ON_ERROR)))->cutPlan->sheets as $sheet) {
                if ($sheet->film->id === $film) {
                    for ($copy = 1; $copy <= $copies; ++$copy) {
                        $of[] = [\count($sheets), $file, $copy];
                    }
                    $sheets[] = $sheet;
                }
            }
        }

        return [[] === $sheets ? throw LayoutMistake::nothingOf($film) : $sheets, $of];
    }

    /** @throws LayoutMistake */
    private static function weeding(string $frames, int $margin): object
    {
        return (object) [
            'frame' => match ($frames) {
                'hug' => 'hugging',
                'box' => 'rectangle',
                default => throw LayoutMistake::frames($frames),
            },
            'around' => 'layer',
            'distance' => $margin,
            'margins' => (object) ['left' => $margin, 'right' => $margin, 'top' => $margin, 'bottom' => $margin],
        ];
    }

    /**
     * @param list<Piece> $pieces
     * @param list<Stock> $stocks
     */
    private static function nested(array $pieces, array $stocks, int $gap, float $seconds, int $seed): Nested
    {
        $end = \microtime(true) + $seconds;
        $steps = Nesting::steps($pieces, $stocks, $gap, $seed);
        $best = $steps->current();
        for ($steps->next(); $steps->valid() && \microtime(true) < $end; $steps->next()) {
            $best = $steps->current();
        }

        return $best;
    }

    /**
     * @param list<Piece>                   $pieces
     * @param list<array{int, string, int}> $of
     *
     * @return list<array<string, mixed>> in the requested order
     */
    private static function pieces(Nested $nested, array $pieces, array $of): array
    {
        // Copies are the same object, so each takes the next of their places.
        $places = [];
        foreach ($nested->places as $place) {
            $places[(int) \array_search($place->piece, $pieces, true)][] = $place;
        }
        $laid = [];
        foreach ($of as [$sheet, $design, $copy]) {
            $place = \array_shift($places[$sheet]);
            \assert($place instanceof Place);
            $laid[] = [
                'design' => $design,
                'copy' => $copy,
                'x' => $place->x,
                'y' => $place->y,
                'turn' => $place->turn,
                'film' => $place->stock,
                'frame' => $place->region()->rings(),
            ];
        }

        return $laid;
    }

    /**
     * @return non-empty-list<int>
     *
     * @throws LayoutMistake
     */
    private static function turns(string $text): array
    {
        $turns = \array_map(\trim(...), \explode(',', $text));
        foreach ($turns as $turn) {
            if (1 !== \preg_match('/^\d{1,3}$/', $turn) || (int) $turn >= 360) {
                throw LayoutMistake::turns($text);
            }
        }

        return \array_values(\array_unique(\array_map(\intval(...), $turns)));
    }
}
