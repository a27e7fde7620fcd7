<?php

declare(strict_types=1);

namespace App\Support\Database\Schema;

use Illuminate\Database\Schema\Blueprint;
use Illuminate\Database\Schema\Grammars\SQLiteGrammar;
use Illuminate\Support\Fluent;
use UnexpectedValueException;

/**
 * Writes migrations for SQLite: STRICT tables, in which types are checked, and with constraints that SQLite can only have
 * from the start. What only this engine understands is here and nowhere else.
 *
 * Dates are `YYYY-MM-DD`, instants text, booleans 0 or 1, JSON text that is valid.
 */
final class StrictSqliteGrammar extends SQLiteGrammar
{
    /** @param  Fluent<string, mixed>  $command */
    public function compileCreate(Blueprint $blueprint, Fluent $command): string
    {
        $checks = '';
        /** @var Fluent<string, mixed> $check */
        foreach ($this->getCommandsByName($blueprint, 'check') as $check) {
            $checks .= ', check ('.self::text($check, 'condition').')';
        }
        $withoutRowid = $this->getCommandByName($blueprint, 'clustered') === null ? '' : ', without rowid';

        return substr(parent::compileCreate($blueprint, $command), 0, -1).$checks.') strict'.$withoutRowid;
    }

    /** Part of the creation of the table. */
    public function compileCheck(): void
    {
    }

    /** Part of the creation of the table. */
    public function compileClustered(): void
    {
    }

    /** @param  Fluent<string, mixed>  $command */
    public function compileKey(Blueprint $blueprint, Fluent $command): string
    {
        return $this->index('create unique index', $blueprint, $command).$this->where($command);
    }

    /** @param  Fluent<string, mixed>  $command */
    public function compilePartialIndex(Blueprint $blueprint, Fluent $command): string
    {
        return $this->index('create index', $blueprint, $command).$this->where($command);
    }

    /**
     * Triggers that refuse to change, delete or replace some rows, or all.
     *
     * @param  Fluent<string, mixed>  $command
     * @return list<string>
     */
    public function compileKeepRows(Blueprint $blueprint, Fluent $command): array
    {
        $table = $this->wrapTable($blueprint);
        $refuse = static fn (string $when): string => " when {$when} begin select raise(abort, ".self::quoted(self::text($command, 'message')).'); end';
        $columns = array_keys(self::named(is_array($command->get('columns')) ? $command->get('columns') : []));
        $of = $columns === [] ? '' : ' of '.$this->columnize($columns);
        // REPLACE takes rows away without asking the triggers that keep them.
        $replaced = implode(' union all ', array_map(
            fn (array $key): string => 'select 1 from '.$table.' where '.$this->kept($command, '').' and '.$this->sameAsNew($key),
            [['id'], ...(is_array($command->get('key')) ? [$command->get('key')] : [])],
        ));

        return [
            'create trigger '.$this->wrap(self::trigger($command, 'changed')).' before update'.$of.' on '.$table.$refuse($this->kept($command, 'OLD.')),
            'create trigger '.$this->wrap(self::trigger($command, 'deleted')).' before delete on '.$table.$refuse($this->kept($command, 'OLD.')),
            'create trigger '.$this->wrap(self::trigger($command, 'replaced')).' before insert on '.$table.$refuse('exists ('.$replaced.')'),
        ];
    }

    /**
     * @param  Fluent<string, mixed>  $command
     * @return list<string>
     */
    public function compileReleaseRows(Blueprint $blueprint, Fluent $command): array
    {
        return array_map(fn (string $what): string => 'drop trigger '.$this->wrap(self::trigger($command, $what)), ['changed', 'deleted', 'replaced']);
    }

    /**
     * The name of the trigger against what would be done to kept rows.
     *
     * @param  Fluent<string, mixed>  $command
     */
    private static function trigger(Fluent $command, string $done): string
    {
        return self::text($command, 'rows').'_are_not_'.$done;
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeString(Fluent $column): string
    {
        return 'text';
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeChar(Fluent $column): string
    {
        return 'text'.$this->check($column, 'length(%s) = '.self::text($column, 'length'));
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeDate(Fluent $column): string
    {
        return 'text'.$this->check($column, 'length(%s) = 10');
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeTimestamp(Fluent $column): string
    {
        if ($column->get('useCurrent')) {
            $column['default'] = $this->connection->raw('current_timestamp');
        }

        return 'text';
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeBoolean(Fluent $column): string
    {
        return 'integer'.$this->check($column, '%s in (0, 1)');
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeEnum(Fluent $column): string
    {
        $allowed = $column->get('allowed');

        return 'text'.$this->check($column, '%s in ('.implode(', ', array_map(
            static fn (mixed $value): string => self::quoted(is_string($value) ? $value : ''),
            is_array($allowed) ? $allowed : [],
        )).')');
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeJson(Fluent $column): string
    {
        return 'text'.$this->check($column, 'json_valid(%s)');
    }

    /** @param  Fluent<string, mixed>  $column */
    protected function typeInteger(Fluent $column): string
    {
        return 'integer'.($column->get('unsigned') && ! $column->get('autoIncrement') ? $this->check($column, '%s >= 0') : '');
    }

    /**
     * Without AUTOINCREMENT, which writes to one more page for each new row.
     *
     * @param  Fluent<string, mixed>  $column
     */
    protected function modifyIncrement(Blueprint $blueprint, Fluent $column): string
    {
        return $column->get('autoIncrement') ? ' primary key' : '';
    }

    /** @param  Fluent<string, mixed>  $column */
    private function check(Fluent $column, string $condition): string
    {
        return ' check ('.sprintf($condition, $this->wrapValue(self::text($column, 'name'))).')';
    }

    /** @param  Fluent<string, mixed>  $command */
    private function index(string $create, Blueprint $blueprint, Fluent $command): string
    {
        $columns = [];
        foreach (self::named(is_array($command->get('columns')) ? $command->get('columns') : []) as $column => $none) {
            $columns[] = $none === null ? $this->wrapValue($column) : "coalesce({$this->wrapValue($column)}, {$this->value($none)})";
        }

        return $create.' '.$this->wrap(self::text($command, 'index')).' on '.$this->wrapTable($blueprint).' ('.implode(', ', $columns).')';
    }

    /** @param  Fluent<string, mixed>  $command */
    private function where(Fluent $command): string
    {
        $where = $command->get('where');

        return is_string($where) ? ' where '.$where : '';
    }

    /**
     * That a row is one of those that are kept.
     *
     * @param  Fluent<string, mixed>  $command
     */
    private function kept(Fluent $command, string $row): string
    {
        $conditions = [];
        foreach (is_array($command->get('which')) ? $command->get('which') : [] as $column => $value) {
            $conditions[] = $row.$this->wrapValue((string) $column).' = '.$this->value($value);
        }

        return $conditions === [] ? '1' : implode(' and ', $conditions);
    }

    /**
     * That a row has the key of the new one.
     *
     * @param  array<array-key, mixed>  $key
     */
    private function sameAsNew(array $key): string
    {
        $conditions = [];
        foreach (self::named($key) as $column => $none) {
            $name = $this->wrapValue($column);
            $conditions[] = $none === null ? "{$name} = NEW.{$name}" : "coalesce({$name}, {$this->value($none)}) = coalesce(NEW.{$name}, {$this->value($none)})";
        }

        return implode(' and ', $conditions);
    }

    /**
     * @param  array<array-key, mixed>  $columns  names, and stand-ins for null by name
     * @return array<string, mixed>
     */
    private static function named(array $columns): array
    {
        $named = [];
        foreach ($columns as $column => $value) {
            if (is_int($column)) {
                $named[is_string($value) ? $value : throw new UnexpectedValueException('no name of a column')] = null;
            } else {
                $named[$column] = $value;
            }
        }

        return $named;
    }

    private function value(mixed $value): string
    {
        return is_int($value) ? (string) $value : self::quoted(is_string($value) ? $value : '');
    }

    private static function quoted(string $text): string
    {
        return "'".str_replace("'", "''", $text)."'";
    }

    /** @param  Fluent<string, mixed>  $of */
    private static function text(Fluent $of, string $attribute): string
    {
        $value = $of->get($attribute);

        return is_string($value) || is_int($value) ? (string) $value : throw new UnexpectedValueException('no '.$attribute);
    }
}
