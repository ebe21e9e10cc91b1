<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\App\Backup\BackupException;
use Uvret\App\Backup\ShopBackup;

#[AsCommand('uvret:restore', 'Brings the whole shop back from a file that uvret:backup wrote; what there is now is kept in another file')]
final class RestoreCommand extends Command
{
    public function __construct(
        private readonly ShopBackup $backup,
        #[Autowire('%env(resolve:UVRET_DATABASE)%')] private readonly string $database,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The backup');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var string $file */
        $file = $input->getArgument('file');
        $before = \dirname($this->database).'/before-restore-'.\date('Ymd-His').'.zip';
        try {
            $this->backup->write($before);
            $this->backup->restore($file);
        } catch (BackupException $e) {
            @\unlink($before);
            (new SymfonyStyle($input, $output))->error($e->getMessage());

            return self::FAILURE;
        }
        // A backup of an earlier version is migrated.
        $migrate = new ArrayInput(['command' => 'doctrine:migrations:migrate', '--no-interaction' => true]);
        $migrate->setInteractive(false);
        $this->getApplication()?->doRun($migrate, new NullOutput());
        $output->writeln("The shop is as it was in $file. As it was before, it is in $before.");

        return self::SUCCESS;
    }
}
