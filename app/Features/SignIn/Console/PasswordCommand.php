<?php

declare(strict_types=1);

namespace App\Features\SignIn\Console;

use App\Models\Person;
use App\Support\Console\OptionRefused;
use App\Support\Console\WritesErrors;
use Illuminate\Console\Command;

/** Sets a person's password; read from the terminal, or from standard input with --stdin, never from the command line. */
final class PasswordCommand extends Command
{
    use WritesErrors;

    private const SHORTEST = 12;

    protected $signature = 'moss:password
        {person : the person\'s code or e-mail address}
        {--stdin : read the password from the first line of standard input}';

    protected $description = 'Set the password with which a person signs in';

    public function handle(): int
    {
        try {
            $person = $this->person();
            $person->forceFill(['password' => $this->password(), 'remember_token' => null])->save();
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $this->line(OptionRefused::because('password_set', ['name' => $person->name, 'email' => $person->email])->getMessage());

        return self::SUCCESS;
    }

    /** @throws OptionRefused */
    private function person(): Person
    {
        $named = $this->argument('person');

        return Person::query()->where('code', $named)->orWhere('email', $named)->first()
            ?? throw OptionRefused::because('no_person', ['value' => $named]);
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

        return mb_strlen($password) < self::SHORTEST ? throw OptionRefused::because('password_short', []) : $password;
    }

    private function secretText(string $question): string
    {
        $answer = $this->secret($question);

        return is_string($answer) ? $answer : '';
    }
}
