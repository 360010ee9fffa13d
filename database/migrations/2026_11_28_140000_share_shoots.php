<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shoots', function (Blueprint $table): void {
            // Made on this computer without signing in, it is the first owner's.
            $table->foreignId('owner_id')->nullable()->constrained('owners')->nullOnDelete();
        });
        Schema::create('partners', function (Blueprint $table): void {
            $table->foreignUlid('shoot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('owner_id')->constrained('owners')->cascadeOnDelete();
            $table->primary(['shoot_id', 'owner_id']);
        });
        Schema::create('links', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('shoot_id')->constrained()->cascadeOnDelete();
            $table->string('setup', 64)->default('');
            $table->string('role', 12);
            $table->string('name', 80);
            $table->boolean('marks')->default(false);
            $table->string('hash', 64)->unique();
            $table->timestamp('expires_at');
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
        Schema::create('audits', function (Blueprint $table): void {
            $table->id();
            $table->timestamp('at');
            $table->string('who', 90);
            $table->string('did', 24);
            $table->string('shoot_id', 26)->nullable();
            $table->unsignedBigInteger('link_id')->nullable();
            $table->string('about', 160)->default('');
            $table->string('address', 45)->default('');
            $table->index(['shoot_id', 'id']);
            $table->index(['link_id', 'id']);
        });
        // Which revision each version was, by whose hand and on which page: what came in between can be told and joined.
        Schema::create('heads', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('shoot_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->foreignId('revision_id')->constrained('revisions')->cascadeOnDelete();
            $table->string('words');
            $table->string('who', 90);
            $table->string('page', 40)->default('');
            $table->timestamp('created_at');
            $table->unique(['shoot_id', 'version']);
        });
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
    }

    public function down(): void
    {
        foreach (['sessions', 'heads', 'audits', 'links', 'partners'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('shoots', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('owner_id');
        });
    }
};
