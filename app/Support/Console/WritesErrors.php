<?php

declare(strict_types=1);

namespace App\Support\Console;

use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Lets a command write to standard error, word for word. */
trait WritesErrors
{
    private function complain(string $line): void
    {
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln($line, OutputInterface::OUTPUT_RAW);
    }
}
