var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var changePassword = validate20;
var func1 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u");
function validate20(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate20.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.current === void 0 && (missing0 = "current") || data.next === void 0 && (missing0 = "next"))
        return validate20.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "current" || key0 === "next")) {
            return validate20.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.current !== void 0) {
            let data0 = data.current, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 200)
                  return validate20.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func1(data0) < 1)
                  return validate20.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                if (!pattern4.test(data0))
                  return validate20.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
              } else
                return validate20.errors = [{ instancePath: instancePath + "/current", schemaPath: "#/properties/current/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.next !== void 0) {
              let data1 = data.next, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate20.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 12)
                    return validate20.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/minLength", keyword: "minLength", params: { limit: 12 }, message: "must NOT have fewer than 12 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate20.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate20.errors = [{ instancePath: instancePath + "/next", schemaPath: "#/properties/next/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate20.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate20.errors = vErrors, errors === 0;
}
validate20.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changePreferences = validate21, schema32 = { type: "object", required: ["theme", "durationForm"], properties: { theme: { type: "string", enum: ["light", "dark", "system"] }, durationForm: { type: "string", enum: ["clock", "decimal"] } }, additionalProperties: !1 };
function validate21(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate21.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.theme === void 0 && (missing0 = "theme") || data.durationForm === void 0 && (missing0 = "durationForm"))
        return validate21.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "theme" || key0 === "durationForm")) {
            return validate21.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.theme !== void 0) {
            let data0 = data.theme, _errs2 = errors;
            if (typeof data0 != "string")
              return validate21.errors = [{ instancePath: instancePath + "/theme", schemaPath: "#/properties/theme/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            if (!(data0 === "light" || data0 === "dark" || data0 === "system"))
              return validate21.errors = [{ instancePath: instancePath + "/theme", schemaPath: "#/properties/theme/enum", keyword: "enum", params: { allowedValues: schema32.properties.theme.enum }, message: "must be equal to one of the allowed values" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.durationForm !== void 0) {
              let data1 = data.durationForm, _errs4 = errors;
              if (typeof data1 != "string")
                return validate21.errors = [{ instancePath: instancePath + "/durationForm", schemaPath: "#/properties/durationForm/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              if (!(data1 === "clock" || data1 === "decimal"))
                return validate21.errors = [{ instancePath: instancePath + "/durationForm", schemaPath: "#/properties/durationForm/enum", keyword: "enum", params: { allowedValues: schema32.properties.durationForm.enum }, message: "must be equal to one of the allowed values" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate21.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate21.errors = vErrors, errors === 0;
}
validate21.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var signIn = validate22;
var pattern6 = new RegExp("^[^\\s@]+@[^\\s@]+$", "u");
function validate22(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate22.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.email === void 0 && (missing0 = "email") || data.password === void 0 && (missing0 = "password"))
        return validate22.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "email" || key0 === "password")) {
            return validate22.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.email !== void 0) {
            let data0 = data.email, _errs2 = errors;
            if (errors === _errs2)
              if (typeof data0 == "string") {
                if (func1(data0) > 200)
                  return validate22.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                if (func1(data0) < 3)
                  return validate22.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/minLength", keyword: "minLength", params: { limit: 3 }, message: "must NOT have fewer than 3 characters" }], !1;
                if (!pattern6.test(data0))
                  return validate22.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/pattern", keyword: "pattern", params: { pattern: "^[^\\s@]+@[^\\s@]+$" }, message: 'must match pattern "^[^\\s@]+@[^\\s@]+$"' }], !1;
              } else
                return validate22.errors = [{ instancePath: instancePath + "/email", schemaPath: "#/properties/email/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.password !== void 0) {
              let data1 = data.password, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func1(data1) > 200)
                    return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/maxLength", keyword: "maxLength", params: { limit: 200 }, message: "must NOT have more than 200 characters" }], !1;
                  if (func1(data1) < 1)
                    return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate22.errors = [{ instancePath: instancePath + "/password", schemaPath: "#/properties/password/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate22.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate22.errors = vErrors, errors === 0;
}
validate22.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  changePassword,
  changePreferences,
  signIn
};
