<?php

declare(strict_types=1);

namespace App\Features\Passwords\Console;

use App\Features\Passwords\Actions\PasswordRefused;
use App\Features\Passwords\PasswordRules;
use App\Features\SignIn\Actions\ChangeAccess;
use App\Models\Person;
use App\Support\Console\OptionRefused;
use App\Support\Console\WritesErrors;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Sets a person's password; read from the terminal, or from standard input with --stdin, never from the command line. */
final class PasswordCommand extends Command
{
    use WritesErrors;

    protected $signature = 'moss:password
        {person : code or email address of the person}
        {--stdin : read the password from the first line of standard input}';

    protected $description = 'Set the password of a person';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:password ada.moor
          php artisan moss:password ada.moor --stdin < password.txt
        HELP;

    public function handle(ChangeAccess $access, PasswordRules $rules): int
    {
        try {
            $named = $this->argument('person');
            $person = Person::query()->where('code', $named)->orWhere('email', $named)->first() ?? throw OptionRefused::because('no_person', ['value' => $named]);
            $password = $this->password();
            $fault = $rules->fault($password, $person);
            if ($fault !== null) {
                throw PasswordRefused::because($fault);
            }
            $access->setPassword($person, $password, null);
        } catch (OptionRefused|PasswordRefused $refused) {
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
            return rtrim((string) fgets(STDIN), "\r\n");
        }
        $password = $this->secretText('New password');
        if ($password !== $this->secretText('The same again')) {
            throw OptionRefused::because('passwords_differ', []);
        }

        return $password;
    }

    private function secretText(string $question): string
    {
        $answer = $this->secret($question);

        return is_string($answer) ? $answer : '';
    }
}
