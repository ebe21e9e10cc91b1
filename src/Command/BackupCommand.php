<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use Uvret\App\Backup\BackupException;
use Uvret\App\Backup\ShopBackup;

#[AsCommand('uvret:backup', 'Writes the whole shop, its database and fonts, to one file while it runs')]
final class BackupCommand extends Command
{
    public function __construct(private readonly ShopBackup $backup)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The file to write, like shop-friday.zip');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var string $file */
        $file = $input->getArgument('file');
        try {
            $this->backup->write($file);
        } catch (BackupException $e) {
            (new SymfonyStyle($input, $output))->error($e->getMessage());

            return self::FAILURE;
        }
        $output->writeln("The shop is in $file.");

        return self::SUCCESS;
    }
}
