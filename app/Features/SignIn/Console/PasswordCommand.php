<?php

declare(strict_types=1);

namespace App\Features\SignIn\Console;

use App\Features\SignIn\Actions\ChangeAccess;
use App\Support\Console\OptionRefused;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Sets a person's password; read from the terminal, or from standard input with --stdin, never from the command line. */
final class PasswordCommand extends Command
{
    use FindsPerson;

    private const SHORTEST = 12;

    private const LONGEST = 128;

    protected $signature = 'moss:password
        {person : code or email address of the person}
        {--stdin : read the password from the first line of standard input}';

    protected $description = 'Set the password of a person';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:password ada.moor
          php artisan moss:password ada.moor --stdin < password.txt
        HELP;

    public function handle(ChangeAccess $access): int
    {
        try {
            $person = $this->person();
            $access->setPassword($person, $this->password());
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $this->line(Wording::of('commands.password_set', ['name' => $person->name, 'email' => $person->email]));

        return self::SUCCESS;
    }

    /** @throws OptionRefused */
    private function password(): string
    {
        if ($this->option('stdin') === true) {
            $password = rtrim((string) fgets(STDIN), "\r\n");
        } else {
            $password = $this->secretText('New password');
            if ($password !== $this->secretText('The same again')) {
                throw OptionRefused::because('passwords_differ', []);
            }
        }

        return match (true) {
            mb_strlen($password) < self::SHORTEST => throw OptionRefused::because('password_short', []),
            mb_strlen($password) > self::LONGEST => throw OptionRefused::because('password_long', []),
            default => $password,
        };
    }

    private function secretText(string $question): string
    {
        $answer = $this->secret($question);

        return is_string($answer) ? $answer : '';
    }
}
