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
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;
use Uvret\Cut\File\CutterFiles;
use Uvret\Cut\File\WearSide;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Design\ShopBlankReader;
use Uvret\Design\SizeSet;
use Uvret\Plan\Planner;
use Uvret\Plan\PlanReport;
use Uvret\Roster\FittedLine;
use Uvret\Roster\Import\ColumnMatch;
use Uvret\Roster\Import\TableReader;
use Uvret\Roster\RosterException;
use Uvret\Roster\Team;

#[AsCommand('uvret:names', 'Works a design out for each row of a list: a folder for each person with its SVG files, and names.json with measures and snags.')]
final class NamesCommand extends Command
{
    public function __construct(
        private readonly DesignReader $reader,
        private readonly Planner $planner,
        private readonly Team $team,
        private readonly CutterFiles $formats,
        private readonly KnifePlanner $knife,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('design', InputArgument::REQUIRED, 'The design document, a JSON file with fields like ⟨name⟩ in its words')
            ->addArgument('list', InputArgument::REQUIRED, 'The list, a CSV or XLSX file')
            ->addOption('blank', null, InputOption::VALUE_REQUIRED, 'The blank with its sizes, a JSON file: each person has the design on their size')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The folder to write to; it is made if it is not there', '.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $io = new SymfonyStyle($input, $output);
        /** @var array{design: string, list: string} $files */
        $files = $input->getArguments();
        /** @var string $folder */
        $folder = $input->getOption('out');
        /** @var string|null $blank */
        $blank = $input->getOption('blank');
        foreach ([$files['design'], $files['list'], ...(null === $blank ? [] : [$blank])] as $file) {
            if (!\is_file($file)) {
                $io->error("There is no file $file.");

                return self::FAILURE;
            }
        }
        try {
            $document = \json_decode((string) \file_get_contents($files['design']));
            $this->reader->fromDocument($document);
            \assert($document instanceof \stdClass);
            $table = TableReader::read((string) \file_get_contents($files['list']));
            $row = 0;
            $people = ColumnMatch::people($table, ColumnMatch::of($table), static function () use (&$row): string {
                return (string) ++$row;
            });
            $names = [];
            foreach ($this->team->designs($document, $people, sizes: self::sizes($blank)) as $at => $made) {
                $plan = $this->planner->plan($made->design);
                $prefix = \sprintf('%04d', $at + 1);
                $written = [];
                foreach ($plan->cutPlan->sheets as $sheet) {
                    $knifePlan = $this->knife->plan($sheet, new KnifeSettings());
                    foreach ($this->formats->all() as $format) {
                        $written["{$sheet->film->id}-blade-side.{$format->extension()}"] = $format->write($knifePlan);
                    }
                }
                $written['wear-side.svg'] = WearSide::svg($plan->design, $plan->composition, $plan->separation);
                foreach ($written as $name => $content) {
                    (new Filesystem())->dumpFile("$folder/$prefix/$name", $content);
                }
                $report = PlanReport::of($plan, []);
                $names[] = [
                    'row' => $at + 1,
                    'folder' => $prefix,
                    'values' => (object) $made->person->values,
                    'lines' => \array_map(static fn (FittedLine $line): array => \get_object_vars($line), $made->lines),
                    'layers' => $report['layers'],
                    'snags' => $report['snags'],
                ];
            }
            $json = \json_encode($names, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
            (new Filesystem())->dumpFile("$folder/names.json", "$json\n");
        } catch (DesignException|RosterException|IOException $e) {
            $io->error($e->getMessage());

            return self::FAILURE;
        }
        $output->writeln(\count($names)." people, $folder/names.json");

        return self::SUCCESS;
    }

    /** @throws DesignException if the file is not a blank */
    private static function sizes(?string $file): SizeSet
    {
        if (null === $file) {
            return SizeSet::none();
        }
        $blank = \json_decode((string) \file_get_contents($file));
        if (!$blank instanceof \stdClass) {
            throw DesignException::at(\basename($file), 'is not a blank: it must be JSON like an entry of the shop’s blanks.');
        }
        (new ShopBlankReader())->check($blank);

        return SizeSet::of($blank);
    }
}
