<?php

declare(strict_types=1);

namespace Demo;

use App\Models\Person;
use App\Support\Console\ReadsOptions;
use Illuminate\Console\Command;

/** Whom the simulated identity provider of the demonstration knows: everybody with an address, one without an account here, and one whose address nobody has verified. */
final class IdentitiesCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:demo-identities {file : file to write to}';

    protected $description = 'Write who the simulated identity provider of the demonstration knows';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:demo-identities storage/demo/identities.json
        HELP;

    public function handle(): int
    {
        $people = Person::query()->where('email', '<>', '')->orderBy('name')->get(['code', 'name', 'email'])
            ->map(static fn (Person $person): array => self::identity($person->code, $person->name, $person->email))->all();
        $people[] = self::identity('robin.quill', 'Robin Quill', 'robin.quill@fenlight.example');
        $people[] = ['verified' => false] + self::identity('imogen.other', 'Another Ines', 'ines.calder@fenlight.example');

        return file_put_contents($this->argumentText('file'), json_encode($people, JSON_THROW_ON_ERROR)) === false ? self::FAILURE : self::SUCCESS;
    }

    /** @return array<string, string|bool> */
    private static function identity(string $subject, string $name, string $email): array
    {
        return ['subject' => $subject, 'name' => $name, 'email' => $email];
    }
}
