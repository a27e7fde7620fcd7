<?php

declare(strict_types=1);

namespace App\Features\SignIn\Console;

use App\Features\SignIn\Actions\ChangeAccess;
use App\Support\Console\OptionRefused;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Disables or enables a person, or ends everything they are signed in with. */
final class AccessCommand extends Command
{
    use FindsPerson;

    private const ACTS = ['disable', 'enable', 'sign-out'];

    protected $signature = 'moss:access
        {act : disable, enable or sign-out}
        {person : code or email address of the person}';

    protected $description = 'Disable or enable a person, or sign them out everywhere';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:access disable ada.moor
          php artisan moss:access sign-out ada.moor
        HELP;

    public function handle(ChangeAccess $access): int
    {
        try {
            $act = $this->argument('act');
            if (! in_array($act, self::ACTS, true)) {
                throw OptionRefused::because('access_act', ['act' => $act]);
            }
            $person = $this->person();
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        match ($act) {
            'disable' => $access->disable($person, null),
            'enable' => $access->enable($person, null),
            'sign-out' => $access->signOut($person, null),
        };
        $this->line(Wording::of('commands.access_'.str_replace('-', '_', $act), ['name' => $person->name]));

        return self::SUCCESS;
    }
}
