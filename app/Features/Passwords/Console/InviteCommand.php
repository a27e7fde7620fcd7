<?php

declare(strict_types=1);

namespace App\Features\Passwords\Console;

use App\Features\Passwords\Actions\SendPasswordLink;
use App\Models\PasswordLinkKind;
use App\Models\Person;
use App\Support\Console\OptionRefused;
use App\Support\Console\WritesErrors;
use App\Support\Language\Wording;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Prints a link by which a person sets a password: for the first of the time office, and where there is no mail. */
final class InviteCommand extends Command
{
    use WritesErrors;

    protected $signature = 'moss:invite
        {person : code or email address of the person}';

    protected $description = 'Print a link by which a person sets their password';

    protected $help = <<<'HELP'
        The link works once, within an hour.

        Example:
          php artisan moss:invite ada.moor
        HELP;

    public function handle(SendPasswordLink $links): int
    {
        try {
            $named = $this->argument('person');
            $person = Person::query()->where('code', $named)->orWhere('email', $named)->first() ?? throw OptionRefused::because('no_person', ['value' => $named]);
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $this->line(DB::transaction(static fn (): string => $links->make($person, PasswordLinkKind::Invitation)));
        $this->line(Wording::of('commands.invited', ['name' => $person->name]));

        return self::SUCCESS;
    }
}
