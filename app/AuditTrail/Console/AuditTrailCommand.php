<?php

declare(strict_types=1);

namespace App\AuditTrail\Console;

use App\AuditTrail\AuditTrailBroken;
use App\AuditTrail\AuditTrailChain;
use App\AuditTrail\AuditTrailHead;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use App\Support\Database\OtherDatabase;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Verifies the audit trail, and notes how far it goes so that this can be stored elsewhere. */
final class AuditTrailCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:audit
        {act : verify or anchor}
        {database? : path of another database file, such as a backup}
        {--anchors= : file of anchors outside the database; anchor appends to it, verify checks against it}';

    protected $description = 'Verify the audit trail, or add its current state to a file of anchors';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:audit verify
          php artisan moss:audit verify backups/moss.sqlite --anchors=anchors.txt
          php artisan moss:audit anchor --anchors=anchors.txt
        HELP;

    public function handle(): int
    {
        try {
            $act = $this->argumentText('act');
            if (! in_array($act, ['verify', 'anchor'], true)) {
                throw OptionRefused::because('audit_trail_act', ['act' => $act]);
            }
            $path = $this->argumentText('database');
            OtherDatabase::open($path === '' ? null : $path);
            $act === 'verify' ? $this->verify() : $this->anchor();
        } catch (OptionRefused|AuditTrailBroken $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /**
     * @throws OptionRefused
     * @throws AuditTrailBroken
     */
    private function verify(): void
    {
        $file = $this->text('anchors');
        $head = AuditTrailChain::verify($file === null ? [] : self::anchors($file));
        $this->line(Wording::of('commands.audit_trail_whole', ['count' => $head->lines, 'hash' => $head->hash]));
    }

    /** @throws OptionRefused */
    private function anchor(): void
    {
        $head = AuditTrailHead::read();
        $line = $head->lines.' '.$head->hash;
        $file = $this->text('anchors');
        if ($file !== null && @file_put_contents($file, $line."\n", FILE_APPEND | LOCK_EX) === false) {
            throw OptionRefused::because('no_anchors', ['path' => $file]);
        }
        $this->line($line);
    }

    /**
     * @return array<int, string> hashes by number of lines
     *
     * @throws OptionRefused
     */
    private static function anchors(string $file): array
    {
        $lines = is_file($file) ? file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) : false;
        if ($lines === false) {
            throw OptionRefused::because('no_anchors', ['path' => $file]);
        }
        $anchors = [];
        foreach ($lines as $line) {
            if (preg_match('/^(\d{1,12}) ([0-9a-f]{64})$/D', $line, $found) !== 1) {
                throw OptionRefused::because('bad_anchor', ['path' => $file, 'line' => $line]);
            }
            $anchors[(int) $found[1]] = $found[2];
        }

        return $anchors;
    }
}
