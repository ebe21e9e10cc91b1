<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Uvret\Type\FolderTypeCase;

#[AsCommand('uvret:fonts', 'Measures the fonts that ship with the app: joins, strokes, alternates.')]
final class FontsCommand extends Command
{
    public function __construct(#[Autowire(service: 'uvret.shipped_fonts')] private readonly FolderTypeCase $fonts)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $this->fonts->measure();
        $output->writeln(\count($this->fonts->entries()).' fonts measured');

        return self::SUCCESS;
    }
}
