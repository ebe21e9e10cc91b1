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
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;
use Uvret\App\Proof\Printing;
use Uvret\App\Proof\PrintingException;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;
use Uvret\Press\PressCard;
use Uvret\Press\PressNotes;
use Uvret\Press\PressPlanner;
use Uvret\Press\PressReport;

/** The press plan of a design without the interface. */
#[AsCommand('uvret:press', 'Writes the press plan of a design as JSON, or its press card as PDF')]
final class PressCommand extends Command
{
    public function __construct(
        private readonly DesignReader $reader,
        #[Autowire(service: 'uvret.planner_without_shop')]
        private readonly Planner $planner,
        private readonly Printing $printing,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('design', InputArgument::REQUIRED, 'The design document, a JSON file')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The file to write, ending in .json or .pdf', 'press.json');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $io = new SymfonyStyle($input, $output);
        /** @var string $file */
        $file = $input->getArgument('design');
        /** @var string $out */
        $out = $input->getOption('out');
        $ending = \strtolower(\pathinfo($out, \PATHINFO_EXTENSION));
        if (!\is_file($file)) {
            $io->error("There is no file $file.");

            return self::FAILURE;
        }
        if (!\in_array($ending, ['json', 'pdf'], true)) {
            $io->error("$out must end in .json or .pdf.");

            return self::FAILURE;
        }
        try {
            $plan = $this->planner->plan($this->reader->fromJson((string) \file_get_contents($file)));
            $press = (new PressPlanner())->plan($plan);
            (new Filesystem())->dumpFile($out, 'json' === $ending
                ? \json_encode(PressReport::of($press), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)."\n"
                : $this->printing->pdf(...(new PressCard())->pages($press, $plan, new PressNotes('', '', '', 1))));
        } catch (DesignException|IOException|PrintingException|\JsonException $e) {
            $io->error($e->getMessage());

            return self::FAILURE;
        }
        $output->writeln($press->problem ?? \sprintf('%d steps, %d s, %s', \count($press->steps), $press->seconds(), $out));

        return null === $press->problem ? self::SUCCESS : self::FAILURE;
    }
}
