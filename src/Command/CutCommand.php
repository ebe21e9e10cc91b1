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
use Uvret\Cut\File\CutterFile;
use Uvret\Cut\File\CutterFiles;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Layout\Rows;
use Uvret\Plan\Planner;

#[AsCommand(
    'uvret:cut',
    'Writes one layer of a design for the cutter, and says what the knife does as JSON: rings, nodes, travel, cutting length in µm, seconds.',
)]
final class CutCommand extends Command
{
    public function __construct(
        private readonly DesignReader $reader,
        private readonly Planner $planner,
        private readonly KnifePlanner $knife,
        private readonly CutterFiles $formats,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('design', InputArgument::REQUIRED, 'The design document, a JSON file')
            ->addOption('film', null, InputOption::VALUE_REQUIRED, 'The id of the film whose layer is written; may be left out where there is only one')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'svg, hpgl, dxf or pdf', 'svg')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The file to write')
            ->addOption('copies', null, InputOption::VALUE_REQUIRED, 'How many of it, side by side in rows', '1')
            ->addOption('no-compensation', null, InputOption::VALUE_NONE, 'The path of the tip, for a cutter that makes up for the blade’s offset itself');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$file, $film, $name, $out] = [
            self::text($input->getArgument('design')),
            self::text($input->getOption('film')),
            self::text($input->getOption('format')),
            self::text($input->getOption('out')),
        ];
        $format = $this->formats->named($name);
        $known = \implode(', ', \array_map(static fn (CutterFile $one): string => $one->extension(), $this->formats->all()));
        if (null === $format) {
            return self::refused($input, $output, "There is no format $name. There are: $known.");
        }
        if (!\is_file($file) || '' === $out) {
            return self::refused($input, $output, '' === $out ? 'Say with --out=FILE where to write the layer.' : "There is no file $file.");
        }
        try {
            $plan = $this->planner->plan($this->reader->fromJson((string) \file_get_contents($file)));
        } catch (DesignException $e) {
            return self::refused($input, $output, "$file: ".$e->getMessage());
        }
        $sheets = [];
        foreach ($plan->cutPlan->sheets as $one) {
            $sheets[$one->film->id] = $one;
        }
        $sheet = '' === $film && 1 === \count($sheets) ? $sheets[\array_key_first($sheets)] : $sheets[$film] ?? null;
        if (null === $sheet) {
            $films = \implode(', ', \array_keys($sheets));

            $choose = "Choose a film that it is cut from with --film=ID: $films.";

            return self::refused($input, $output, '' === $films ? 'Nothing of this design is cut.' : $choose);
        }
        $copies = (int) self::text($input->getOption('copies'));
        if ($copies < 1) {
            return self::refused($input, $output, 'Say with --copies=N how many are wanted, 1 or more.');
        }
        $knifePlan = $this->knife->plan(Rows::of($sheet, $copies)->sheet(), new KnifeSettings(compensate: true !== $input->getOption('no-compensation')));
        if (false === @\file_put_contents($out, $format->write($knifePlan))) {
            return self::refused($input, $output, "$out cannot be written.");
        }
        $output->writeln(\json_encode($knifePlan->measures(), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }

    private static function refused(InputInterface $input, OutputInterface $output, string $why): int
    {
        (new SymfonyStyle($input, $output))->getErrorStyle()->error($why);

        return self::FAILURE;
    }
}
