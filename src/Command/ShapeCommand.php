<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Uvret\Type\Font;
use Uvret\Type\FontException;
use Uvret\Type\Layout\Feature;
use Uvret\Type\Layout\PlacedGlyph;

/** Shapes text like the Bench, and prints it like hb-shape. */
#[AsCommand('uvret:shape', 'Shapes text in a font: glyphs, clusters, advances and offsets in font units')]
final class ShapeCommand extends Command
{
    /** @var array<string, Font> */
    private array $fonts = [];

    protected function configure(): void
    {
        $this
            ->addArgument('font', InputArgument::OPTIONAL, 'A font file')
            ->addArgument('text', InputArgument::OPTIONAL, 'The text')
            ->addOption('features', null, InputOption::VALUE_REQUIRED, 'Like ss01,-kern,aalt=2', '')
            ->addOption('language', null, InputOption::VALUE_REQUIRED, 'Like nl', '')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'json or text', 'text')
            ->addOption('batch', null, InputOption::VALUE_REQUIRED, 'A file with one JSON object a line: font, text, features, language');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $batch = $input->getOption('batch');
        if (\is_string($batch)) {
            return $this->batch($batch, $output);
        }
        [$font, $text] = [$input->getArgument('font'), $input->getArgument('text')];
        if (!\is_string($font) || !\is_string($text)) {
            $output->writeln('<error>Name a font file and a text, or a file with --batch.</error>');

            return self::INVALID;
        }
        $features = $input->getOption('features');
        $language = $input->getOption('language');
        try {
            $glyphs = $this->shape($font, $text, \is_string($features) ? \array_filter(\explode(',', $features)) : [], \is_string($language) ? $language : '');
        } catch (FontException $e) {
            $output->writeln("<error>{$e->getMessage()}</error>");

            return self::FAILURE;
        }
        $output->writeln('json' === $input->getOption('format') ? (string) \json_encode($glyphs) : \implode(
            '|',
            \array_map(
                static fn (array $glyph): string => \sprintf('%d=%d@%d,%d+%d', $glyph['gid'], $glyph['cl'], $glyph['dx'], $glyph['dy'], $glyph['ax']),
                $glyphs,
            ),
        ));

        return self::SUCCESS;
    }

    /** One line of JSON per line of the file; an error where a line can't be shaped. */
    private function batch(string $file, OutputInterface $output): int
    {
        $lines = \is_file($file) ? \file($file, \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) : false;
        if (false === $lines) {
            $output->writeln("<error>The file $file cannot be read.</error>");

            return self::FAILURE;
        }
        foreach ($lines as $line) {
            $asked = \json_decode($line, true);
            $text = static fn (string $field): string => \is_array($asked) && \is_string($asked[$field] ?? null) ? $asked[$field] : '';
            $features = \is_array($asked) && \is_array($asked['features'] ?? null) ? \array_filter($asked['features'], \is_string(...)) : [];
            try {
                $answer = ['glyphs' => $this->shape($text('font'), $text('text'), $features, $text('language'))];
            } catch (FontException $e) {
                $answer = ['error' => $e->getMessage()];
            }
            $output->writeln((string) \json_encode($answer, \JSON_UNESCAPED_UNICODE), OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }

    /**
     * @param array<string> $features
     *
     * @return list<array{gid: int, cl: int, dx: int, dy: int, ax: int, ay: int}>
     *
     * @throws FontException
     */
    private function shape(string $file, string $text, array $features, string $language): array
    {
        $font = $this->fonts[$file] ??= Font::fromFile($file);
        $parsed = \array_values(\array_filter(\array_map(Feature::parse(...), $features)));

        return \array_map(static fn (PlacedGlyph $glyph): array => [
            'gid' => $glyph->glyph,
            'cl' => $glyph->cluster,
            'dx' => $glyph->shift,
            'dy' => $glyph->y,
            'ax' => $glyph->advance,
            'ay' => 0,
        ], $font->shape($text, $parsed, $language)->glyphs);
    }
}
