import { isRole, type Role, ROLES } from '@/core/access/role';

/** Role selection. */
export const RoleChoice = ({
  label,
  role,
  onChange,
}: {
  label: string;
  role: Role;
  onChange: (role: Role) => void;
}) => (
  <select
    aria-label={label}
    value={role}
    onChange={({ target }) => isRole(target.value) && onChange(target.value)}
    className="field-box min-h-11"
  >
    {Object.entries(ROLES).map(([id, { label: name }]) => (
      <option key={id} value={id}>
        {name}
      </option>
    ))}
  </select>
);
