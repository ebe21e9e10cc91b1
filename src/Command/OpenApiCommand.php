<?php

declare(strict_types=1);

namespace Uvret\App\Command;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Uvret\App\Api\Description;

#[AsCommand('uvret:openapi', 'Prints the OpenAPI description of the server.')]
final class OpenApiCommand extends Command
{
    public function __construct(private readonly Description $description)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->write($this->description->toJson(), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
