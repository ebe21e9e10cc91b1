<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Uvret\App\Summary\Summaries;

#[AsCommand('uvret:summaries', 'Works out what the rail shows of designs, where another version of Uvret did so before')]
final class SummariesCommand extends Command
{
    public function __construct(private readonly Summaries $summaries)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln("{$this->summaries->complete()} worked out.");

        return Command::SUCCESS;
    }
}
