<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('uvret:log', 'Shows the latest lines of the log: each failure of the server, with its request')]
final class LogCommand extends Command
{
    public function __construct(#[Autowire('%env(resolve:UVRET_LOG)%')] private readonly string $log)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('lines', null, InputOption::VALUE_REQUIRED, 'How many', 20);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $most = \max(1, \is_numeric($asked = $input->getOption('lines')) ? (int) $asked : 20);
        $lines = [];
        // The name of each day's file ends with its date.
        $files = \glob(\preg_replace('/\.log$/', '', $this->log).'-*.log') ?: [];
        while (\count($lines) < $most && null !== $file = \array_pop($files)) {
            \array_unshift($lines, ...\file($file, \FILE_IGNORE_NEW_LINES) ?: []);
        }
        $output->writeln([] === $lines ? 'The log is empty: nothing failed.' : \array_slice($lines, -$most), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
