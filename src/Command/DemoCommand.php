<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Uvret\App\Demo\DemoShop;

#[AsCommand('uvret:demo', 'Loads the Tern Point rowing regatta into an empty shop.')]
final class DemoCommand extends Command
{
    public function __construct(private readonly DemoShop $demo)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('afresh', null, InputOption::VALUE_NONE, 'Removes everything that is there first');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $loaded = $this->demo->load(true === $input->getOption('afresh'));
        $output->writeln($loaded ? 'The demo shop is loaded.' : 'The shop has data already; nothing was changed.');

        return self::SUCCESS;
    }
}
