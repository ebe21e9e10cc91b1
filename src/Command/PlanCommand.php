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
use Uvret\Cut\File\CutterFiles;
use Uvret\Cut\File\WearSide;
use Uvret\Cut\Knife\KnifePlanner;
use Uvret\Cut\Knife\KnifeSettings;
use Uvret\Design\DesignException;
use Uvret\Design\DesignReader;
use Uvret\Plan\Planner;
use Uvret\Plan\PlanReport;
use Uvret\Snags\LossFinder;

#[AsCommand('uvret:plan', 'Works a design out: SVG files of the wear side and of each film’s blade side, and plan.json with measures and snags.')]
final class PlanCommand extends Command
{
    public function __construct(
        private readonly DesignReader $reader,
        #[Autowire(service: 'uvret.planner_without_shop')]
        private readonly Planner $planner,
        private readonly CutterFiles $formats,
        private readonly KnifePlanner $knife,
        private readonly LossFinder $losses,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('design', InputArgument::REQUIRED, 'The design document, a JSON file')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The folder to write to; it is made if it is not there', '.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $io = new SymfonyStyle($input, $output);
        /** @var string $file */
        $file = $input->getArgument('design');
        /** @var string $folder */
        $folder = $input->getOption('out');
        if (!\is_file($file)) {
            $io->error("There is no file $file.");

            return self::FAILURE;
        }
        try {
            $plan = $this->planner->plan($this->reader->fromJson((string) \file_get_contents($file)));
        } catch (DesignException $e) {
            $io->error("$file: ".$e->getMessage());

            return self::FAILURE;
        }
        if (!\is_dir($folder) && !@\mkdir($folder, 0777, true)) {
            $io->error("The folder $folder cannot be made.");

            return self::FAILURE;
        }
        $files = ['wear-side.svg' => WearSide::svg($plan->design, $plan->composition, $plan->separation)];
        foreach ($plan->cutPlan->sheets as $sheet) {
            $knifePlan = $this->knife->plan($sheet, new KnifeSettings());
            foreach ($this->formats->all() as $format) {
                $files["{$sheet->film->id}-blade-side.{$format->extension()}"] = $format->write($knifePlan);
            }
        }
        $files['plan.json'] = \json_encode(
            PlanReport::of($plan, $this->losses->all($plan->design, $plan->composition, $plan->separation)),
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
        )."\n";
        foreach ($files as $name => $content) {
            if (false === @\file_put_contents("$folder/$name", $content)) {
                $io->error("$folder/$name cannot be written.");

                return self::FAILURE;
            }
            $output->writeln("$folder/$name");
        }

        return self::SUCCESS;
    }
}
